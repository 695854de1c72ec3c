<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Battery;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Limits\Line;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What a starting battery still shows after 15 s at half its cold cranking current, at least three quarters charged.
 *
 * Straight lines between the rows. Source: Battery Council International, load test.
 */
final readonly class LoadTest
{
    /** Degrees Fahrenheit and volts. */
    private const ROWS = [
        ['0', '8.5'], ['10', '8.7'], ['20', '8.9'], ['30', '9.1'], ['40', '9.3'],
        ['50', '9.4'], ['60', '9.5'], ['70', '9.6'],
    ];

    public static function least(Quantity $temperature): Quantity
    {
        $fahrenheit = $temperature->in(Unit::Fahrenheit)->decimal(6, RoundingMode::HALF_UP)->toBigRational();

        return Quantity::of(Line::through(self::ROWS)->at($fahrenheit), Unit::Volt);
    }
}
