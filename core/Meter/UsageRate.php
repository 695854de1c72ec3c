<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

use JadeLedger\Core\Hire\HirePeriod;
use JadeLedger\Core\Quantity\Unit;

/**
 * Hours that a machine runs on a day on which it is hired, over the last thirty such days. Time in the yard is left
 * out, and a reading that is wrong moves it little (Theil–Sen). Fewer than three readings with days on hire between
 * them, or less than two days on hire, are no rate: it is not known, and not guessed. Thirty days, three readings, two
 * days: common practice, no source.
 */
final readonly class UsageRate
{
    private const DAYS = 30.0;

    private const LEAST_READINGS = 3;

    private const LEAST_DAYS = 2.0;

    private const SECONDS_OF_A_DAY = 86_400;

    /**
     * @param float $hoursPerDay at least 0, at most 24
     * @param float $days on hire between the first and the last of the readings
     */
    private function __construct(public float $hoursPerDay, public float $days, public int $readings)
    {
    }

    /**
     * @param list<MeterPoint> $readings in any order, disputed and struck ones left out
     * @param list<HirePeriod> $out when the machine was out; none overlaps another
     */
    public static function onHire(array $readings, array $out): ?self
    {
        $points = self::onHireOnly($readings, $out);
        $last = max([0.0, ...array_map(static fn (PlottedPoint $point): float => $point->x, $points)]);
        $recent = array_values(
            array_filter($points, static fn (PlottedPoint $point): bool => $point->x >= $last - self::DAYS),
        );
        $line = TheilSen::through($recent);
        if ($line === null) {
            return null;
        }
        $days = $last - min([$last, ...array_map(static fn (PlottedPoint $point): float => $point->x, $recent)]);

        return count($recent) < self::LEAST_READINGS || $days < self::LEAST_DAYS
            ? null
            : new self(max(0.0, min(24.0, $line->slope)), $days, count($recent));
    }

    /**
     * Days on hire against the hours that were run on them. What a machine gained while it was not out at all, in the
     * yard or before its hires were kept, is left out.
     *
     * @param list<MeterPoint> $readings
     * @param list<HirePeriod> $out
     * @return list<PlottedPoint>
     */
    private static function onHireOnly(array $readings, array $out): array
    {
        usort($readings, static fn (MeterPoint $a, MeterPoint $b): int => $a->at <=> $b->at);
        $points = [];
        [$ran, $before] = [0.0, null];
        foreach ($readings as $reading) {
            $days = self::daysOut($reading->at, $out);
            $hours = (float) $reading->hours->in(Unit::Hour)->text();
            if ($before === null || $days > $before[0]) {
                $ran += $before === null ? 0.0 : $hours - $before[1];
                $points[] = new PlottedPoint($days, $ran);
            }
            $before = [$days, $hours];
        }

        return $points;
    }

    /** @param  list<HirePeriod>  $out */
    private static function daysOut(\DateTimeImmutable $until, array $out): float
    {
        $seconds = 0;
        foreach ($out as $period) {
            $seconds += max(0, min($until, $period->until)->getTimestamp() - $period->from->getTimestamp());
        }

        return $seconds / self::SECONDS_OF_A_DAY;
    }
}
