<?php

declare(strict_types=1);

namespace JadeLedger\Core;

/** A rule's no: a message for those who build, and the sentence that says the same to whoever asked. */
abstract class Refused extends \DomainException implements Refusal
{
    final protected function __construct(string $message, private readonly Sentence $why)
    {
        parent::__construct($message);
    }

    public function why(): Sentence
    {
        return $this->why;
    }
}
