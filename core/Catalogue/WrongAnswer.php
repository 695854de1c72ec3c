<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** An answer that people give, and why it hurts somebody. */
final readonly class WrongAnswer
{
    public function __construct(public string $say, public string $because)
    {
    }
}
