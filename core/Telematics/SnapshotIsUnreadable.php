<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

/** What a provider sent is no fleet snapshot. A fault of the sender, said to the lead; it stops no work. */
final class SnapshotIsUnreadable extends \RuntimeException
{
    public static function because(string $why): self
    {
        return new self("The snapshot cannot be read: {$why}.");
    }
}
