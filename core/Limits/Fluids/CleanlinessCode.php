<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use Brick\Math\BigRational;
use JadeLedger\Core\Reading\OutsideTheTable;

/**
 * How clean oil is, by particles in a millilitre larger than 4, 6 and 14 µm. Each code allows about twice as many as
 * the
 * one before. Source: ISO 4406.
 */
final readonly class CleanlinessCode
{
    /** Most particles by code. */
    private const MOST = [
        6 => '0.64', 7 => '1.3', 8 => '2.5', 9 => '5', 10 => '10', 11 => '20',
        12 => '40', 13 => '80', 14 => '160', 15 => '320', 16 => '640', 17 => '1300',
        18 => '2500', 19 => '5000', 20 => '10000', 21 => '20000', 22 => '40000', 23 => '80000',
        24 => '160000',
    ];

    /** @throws OutsideTheTable */
    public static function of(BigRational $larger4, BigRational $larger6, BigRational $larger14): string
    {
        return implode('/', array_map(self::code(...), [$larger4, $larger6, $larger14]));
    }

    private static function code(BigRational $count): int
    {
        foreach (self::MOST as $code => $most) {
            if ($count->isLessThanOrEqualTo($most)) {
                return $code;
            }
        }

        throw OutsideTheTable::of($count);
    }
}
