<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Wear;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Bands;

/**
 * How fast something wears by the hour meter, and when it will come to the end of its band.
 *
 * The slope is the middle one of all slopes between two readings, so that one slip of the gauge does not move it;
 * readings
 * at the same hour say nothing about it. Source: Theil 1950, Sen 1968. Under three readings nothing is foretold.
 */
final readonly class WearForecast
{
    private const ENOUGH = 3;

    /**
     * @param BigRational $slope change of the value for an hour, in the unit of the first value
     * @param BigRational $start the fitted value at zero hours, in that unit
     */
    private function __construct(
        public BigRational $slope,
        public BigRational $start,
        public int $readings,
        private Unit $unit,
    ) {
    }

    /** @param  list<WearPoint>  $points */
    public static function from(array $points): ?self
    {
        $slopes = [];
        foreach ($points as $at => $point) {
            foreach (array_slice($points, $at + 1) as $other) {
                $hours = $other->hours->minus($point->hours);
                if (! $hours->isZero()) {
                    $slopes[] = self::number($other->value->minus($point->value))->dividedBy(self::number($hours));
                }
            }
        }
        if (count($points) < self::ENOUGH || $slopes === []) {
            return null;
        }
        $slope = self::middle($slopes);
        $values = self::middle(
            array_map(static fn (WearPoint $point): BigRational => self::number($point->value), $points),
        );
        $hours = self::middle(
            array_map(static fn (WearPoint $point): BigRational => self::number($point->hours), $points),
        );

        return new self($slope, $values->minus($slope->multipliedBy($hours)), count($points), $points[0]->value->unit);
    }

    /** The change in a thousand hours. */
    public function perThousandHours(): Quantity
    {
        return Quantity::of('1000', $this->unit)->times((string) $this->slope);
    }

    /** Hours from now until the value leaves its band at this rate; nothing when it does not move towards an end. */
    public function hoursToTheEnd(Bands $bands, Quantity $value, Quantity $now): ?Quantity
    {
        if ($this->slope->isZero()) {
            return null;
        }
        [$below, $above] = $bands->endsAround($value->in($this->unit));
        $end = $this->slope->isNegative() ? $below : $above;
        if ($end === null) {
            return null;
        }
        $at = self::number($end->in($this->unit))->minus($this->start)->dividedBy($this->slope);
        $left = $at->minus(self::number($now->in(Unit::Hour)));

        return $left->isNegative() ? Quantity::zero(Unit::Hour) : Quantity::of('1', Unit::Hour)->times((string) $left);
    }

    private static function number(Quantity $quantity): BigRational
    {
        return $quantity->ratioTo(Quantity::of(1, $quantity->unit));
    }

    /** @param  non-empty-list<BigRational>  $all */
    private static function middle(array $all): BigRational
    {
        usort($all, static fn (BigRational $a, BigRational $b): int => $a->compareTo($b));
        $half = intdiv(count($all), 2);

        return count($all) % 2 === 1 ? $all[$half] : $all[$half - 1]->plus($all[$half])->dividedBy(2);
    }
}
