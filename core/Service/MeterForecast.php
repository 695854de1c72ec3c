<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * When a meter will show a figure, from how it ran in the last half-year, hires and time in the yard together.
 *
 * A meter adds up: what it gains from one reading to the next varies about a mean, and the sum strays ever further
 * from it. So it is a random walk with drift, and not a line with scatter about it: the interval of a straight line
 * by least squares held five to eight in ten where nine were meant. Fewer than four readings are no forecast.
 *
 * Source: Hyndman & Athanasopoulos, Forecasting: Principles and Practice, 3rd edition, 5.2 and 5.5 (drift method).
 * Half a year, four readings, nine in ten: common practice, no source.
 */
final readonly class MeterForecast
{
    private const DAYS = 183.0;

    private const LEAST_READINGS = 4;

    private const LIKELIHOOD = 0.9;

    private const SECONDS_OF_A_DAY = 86_400;

    private const FAR_DAYS = 3_650;

    /**
     * @param float $hoursPerDay of the calendar
     * @param float $variance of one day's hours
     * @param float $days between the first and the last reading
     * @param float $quantile of Student's t, for both limits
     * @param float $sinceLast days from the last reading until today
     */
    private function __construct(
        public float $hoursPerDay,
        private float $variance,
        public float $days,
        private float $quantile,
        private float $lastHours,
        private float $sinceLast,
    ) {
    }

    /** @param  list<MeterPoint>  $readings in any order, disputed and struck ones left out */
    public static function from(array $readings, \DateTimeImmutable $now): ?self
    {
        usort($readings, static fn (MeterPoint $a, MeterPoint $b): int => $a->at <=> $b->at);
        $recent = array_values(array_filter(
            $readings,
            static fn (MeterPoint $reading): bool => $reading->at <= $now
                && self::days($reading->at, $now) <= self::DAYS,
        ));
        $gains = self::gains($recent);
        if (count($gains) < self::LEAST_READINGS - 1) {
            return null;
        }
        $days = array_sum(array_column($gains, 0));
        $mean = array_sum(array_column($gains, 1)) / $days;
        $squares = 0.0;
        foreach ($gains as [$time, $hours]) {
            $squares += ($hours - $mean * $time) ** 2 / $time;
        }
        $last = $recent[count($recent) - 1];

        return new self(
            max(0.0, $mean),
            $squares / (count($gains) - 1),
            $days,
            StudentT::quantile((1 + self::LIKELIHOOD) / 2, count($gains) - 1),
            self::hours($last),
            self::days($last->at, $now),
        );
    }

    /** When the meter meets a figure; none where it does not run, or would not within ten years. */
    public function dayOf(Quantity $hours): ?LikelyDay
    {
        $ahead = (float) $hours->in(Unit::Hour)->text() - $this->lastHours;
        if ($ahead <= 0.0) {
            return new LikelyDay(0, 0, 0);
        }
        if ($this->hoursPerDay <= 0.0 || $ahead / $this->hoursPerDay - $this->sinceLast > self::FAR_DAYS) {
            return null;
        }
        [$first, $last] = $this->limits($ahead);
        $likely = $this->fromToday($ahead / $this->hoursPerDay);

        return new LikelyDay(
            min($likely, $this->fromToday($first)),
            $likely,
            $last === null || $last > self::FAR_DAYS ? null : max($likely, $this->fromToday($last) + 1),
        );
    }

    /** @param  int  $days from today, at least 0 */
    public function hoursIn(int $days): HoursExpected
    {
        $since = $this->sinceLast + $days;
        $likely = $this->lastHours + $this->hoursPerDay * $since;
        $margin = $this->quantile * sqrt($this->variance * $since * (1 + $since / $this->days));

        // A meter never runs back.
        return new HoursExpected(max($this->lastHours, $likely - $margin), $likely, $likely + $margin);
    }

    /**
     * Days after the last reading on which the upper and the lower limit meet a gain.
     *
     * (mean u − gain)² = t² s² u (1 + u/days): a quadratic in the days u.
     *
     * @return array{float, float|null}
     */
    private function limits(float $gain): array
    {
        $k = $this->quantile ** 2 * $this->variance;
        $a = $this->hoursPerDay ** 2 - $k / $this->days;
        $b = 2 * $this->hoursPerDay * $gain + $k;
        $root = sqrt($b ** 2 - 4 * $a * $gain ** 2);
        // Not by the usual formula for both: that loses all digits where a is near nought.
        $first = 2 * $gain ** 2 / ($b + $root);

        // The lower limit does not rise for ever where the mean is uncertain.
        return [$first, $a <= 1e-12 ? null : ($b + $root) / (2 * $a)];
    }

    /** The earlier day is the safe side; the meter has not met it today, whatever the forecast says. */
    private function fromToday(float $daysAfterLast): int
    {
        return max(0, (int) floor($daysAfterLast - $this->sinceLast));
    }

    /**
     * @param list<MeterPoint> $readings the oldest first
     * @return list<array{float, float}> days and hours from each reading to the next
     */
    private static function gains(array $readings): array
    {
        if ($readings === []) {
            return [];
        }
        $gains = [];
        $before = $readings[0];
        foreach (array_slice($readings, 1) as $reading) {
            $days = self::days($before->at, $reading->at);
            // Read twice on one walk, or on two that follow each other at once: nothing to learn of a day's hours.
            if ($days >= 0.5) {
                $gains[] = [$days, self::hours($reading) - self::hours($before)];
                $before = $reading;
            }
        }

        return $gains;
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $until): float
    {
        return ($until->getTimestamp() - $from->getTimestamp()) / self::SECONDS_OF_A_DAY;
    }

    private static function hours(MeterPoint $reading): float
    {
        return (float) $reading->hours->in(Unit::Hour)->text();
    }
}
