<?php

declare(strict_types=1);

namespace JadeLedger\Core;

/** Why a rule says no, as a key and what it names; languages are not the core's business. */
final readonly class Sentence
{
    /** @param  array<string, string>  $named */
    public function __construct(public string $key, public array $named = [])
    {
    }
}
