<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * A machine on wheels or tracks of 10,000 lb (4536 kg) or more: attachments lowered and secured, articulation locked,
 * at
 * least four tiedowns. Source: 49 CFR 393.130(a) to (c).
 */
final readonly class HeavyMachine
{
    public const TIEDOWNS = 4;

    private const POUNDS = 10_000;

    public static function is(Quantity $weight): bool
    {
        return ! $weight->isLessThan(Quantity::of(self::POUNDS, Unit::Pound));
    }
}
