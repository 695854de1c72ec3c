<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

/** A paper of a machine that ends: with the last moment of a day on the yard's calendar. */
final readonly class DatedPaper
{
    public function __construct(public string $kind, public \DateTimeImmutable $validUntil)
    {
    }
}
