<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** A sentence as a key and its figures; languages are not the core's business. */
final readonly class Phrase
{
    /** @param  array<string, string>  $figures */
    public function __construct(public string $key, public array $figures = [])
    {
    }
}
