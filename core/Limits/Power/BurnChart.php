<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use Brick\Math\BigRational;
use JadeLedger\Core\Limits\Line;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\OutsideTheTable;

/**
 * Fuel that a diesel generator burns in an hour, by its size and a quarter, half, three quarters or all of its load. To
 * plan the refuelling with, and nothing else. Straight lines between the rows. Source: widely reprinted approximate
 * chart,
 * from memory, to be confirmed.
 */
final readonly class BurnChart
{
    /** US gallons an hour at the four loads, by kilowatts. */
    private const GALLONS = [
        20 => ['0.6', '0.9', '1.3', '1.6'], 30 => ['1.3', '1.8', '2.4', '2.9'],
        40 => ['1.6', '2.3', '3.2', '4.0'], 60 => ['1.8', '2.9', '3.8', '4.8'],
        75 => ['2.4', '3.4', '4.6', '6.1'], 100 => ['2.6', '4.1', '5.8', '7.4'],
        125 => ['3.1', '5.0', '7.1', '9.1'], 150 => ['3.6', '5.9', '8.4', '10.9'],
        200 => ['4.7', '7.7', '11.0', '14.4'],
    ];

    private const LOADS = ['1/4', '1/2', '3/4', '1'];

    /**
     * @param BigRational $load a quarter to all of it; less counts as a quarter, as a set that idles burns too
     *
     * @throws OutsideTheTable when the set is smaller or larger than those of the chart
     */
    public static function perHour(Quantity $rated, BigRational $load): Quantity
    {
        $kilowatts = $rated->ratioTo(Quantity::of(1, Unit::Kilowatt));
        $sizes = array_keys(self::GALLONS);
        if ($kilowatts->isLessThan($sizes[0]) || $kilowatts->isGreaterThan($sizes[count($sizes) - 1])) {
            throw OutsideTheTable::of($kilowatts);
        }
        $bySize = [];
        foreach (self::GALLONS as $size => $gallons) {
            $row = array_map(static fn (string $at, string $burnt): array => [$at, $burnt], self::LOADS, $gallons);
            $bySize[] = [(string) $size, (string) Line::through($row)->at($load)];
        }

        return Quantity::of(Line::through($bySize)->at($kilowatts), Unit::GallonUsPerHour);
    }
}
