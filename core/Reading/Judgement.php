<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** The verdict on an entry, and whether the reading counted at all. */
final readonly class Judgement
{
    private function __construct(public Verdict $verdict, public bool $isValid, public ?Validity $validity)
    {
    }

    public static function valid(Verdict $verdict, ?Validity $validity = null): self
    {
        return new self($verdict, true, $validity);
    }

    /** Posted, never silently accepted: the line stays open and is offered again. */
    public static function notValid(Verdict $verdict, ?Validity $validity = null): self
    {
        return new self($verdict, false, $validity);
    }
}
