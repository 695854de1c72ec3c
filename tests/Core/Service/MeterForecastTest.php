<?php

declare(strict_types=1);

namespace Tests\Core\Service;

use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\LikelyDay;
use JadeLedger\Core\Service\MeterForecast;
use JadeLedger\Core\Service\StudentT;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\PublishedValues;

final class MeterForecastTest extends TestCase
{
    private const NOW = '2026-12-01T12:00:00Z';

    /** @return array<string, array{array{df: int}, array{t: float}}> */
    public static function published(): array
    {
        return PublishedValues::examples('S-553');
    }

    /**
     * @param array{df: int} $inputs
     * @param array{t: float} $expected
     */
    #[DataProvider('published')]
    public function test_the_quantiles_of_students_t_are_those_of_the_table(array $inputs, array $expected): void
    {
        self::assertEqualsWithDelta($expected['t'], StudentT::quantile(0.975, $inputs['df']), 0.0005);
    }

    /** Source: table of Student's t, 0.95 quantile, 1 and 10 degrees of freedom; the normal limit 1.644854. */
    public function test_the_quantiles_for_nine_in_ten_are_those_of_the_table(): void
    {
        self::assertEqualsWithDelta(6.313752, StudentT::quantile(0.95, 1), 1e-5);
        self::assertEqualsWithDelta(1.812461, StudentT::quantile(0.95, 10), 1e-5);
        self::assertEqualsWithDelta(1.644854, StudentT::quantile(0.95, 100_000_000), 1e-4);
    }

    public function test_a_machine_that_runs_the_same_every_day_is_forecast_to_the_day(): void
    {
        $forecast = MeterForecast::from(
            self::readings([-30 => 1000, -20 => 1050, -10 => 1100, 0 => 1150]),
            self::now(),
        );

        self::assertNotNull($forecast);
        self::assertEqualsWithDelta(5.0, $forecast->hoursPerDay, 1e-9);
        $day = $forecast->dayOf(self::h(1200));
        self::assertSame([10, 10], [$day?->earliest, $day?->likely]);
        self::assertLessThanOrEqual(11, $day?->latest);
    }

    public function test_the_days_since_the_last_reading_count(): void
    {
        $forecast = MeterForecast::from(
            self::readings([-34 => 1000, -24 => 1050, -14 => 1100, -4 => 1150]),
            self::now(),
        );

        self::assertSame(6, $forecast?->dayOf(self::h(1200))?->likely);
        // Met by now if it ran on as it did: today, and never in the past.
        self::assertSame(0, $forecast->dayOf(self::h(1155))?->likely);
        self::assertEquals(new LikelyDay(0, 0, 0), $forecast->dayOf(self::h(1150)));
    }

    public function test_the_hours_of_a_day_and_the_day_of_the_hours_say_the_same(): void
    {
        $random = new Randomizer(new Mt19937(29));
        for ($round = 0; $round < 200; $round++) {
            [$readings, $hours] = self::fleet($random, $random->getInt(4, 25));
            $forecast = MeterForecast::from($readings, self::now());
            self::assertNotNull($forecast);
            $before = $forecast->hoursIn(0);
            foreach ([5, 30, 90] as $days) {
                $then = $forecast->hoursIn($days);
                self::assertGreaterThanOrEqual($before->likely, $then->likely);
                self::assertGreaterThanOrEqual($before->low, $then->high);
                self::assertTrue(
                    $then->low <= $then->likely && $then->likely <= $then->high && $then->low >= $hours - 0.1,
                );
                $day = $forecast->dayOf(self::h((int) ceil($then->likely)));
                self::assertTrue(
                    $day === null || abs($day->likely - $days) <= 1.5 + 1 / max(0.1, $forecast->hoursPerDay),
                    "{$day?->likely} and {$days}",
                );
                $before = $then;
            }
        }
    }

    public function test_too_little_is_no_forecast_and_not_a_guess(): void
    {
        self::assertNull(MeterForecast::from([], self::now()));
        self::assertNull(MeterForecast::from(self::readings([-20 => 1, -10 => 50, 0 => 100]), self::now()));
        // Old ones say nothing of today; two on one day are one.
        self::assertNull(
            MeterForecast::from(self::readings([-900 => 0, -800 => 50, -700 => 90, 0 => 100]), self::now()),
        );
        self::assertNull(MeterForecast::from(
            [
                ...self::readings([-20 => 1, -10 => 50, 0 => 100]),
                new MeterPoint(self::now()->modify('-1 hour'), self::h(99)),
            ],
            self::now(),
        ));
    }

    public function test_a_machine_that_stands_meets_nothing(): void
    {
        $forecast = MeterForecast::from(self::readings([-30 => 900, -20 => 900, -10 => 900, 0 => 900]), self::now());

        self::assertNull($forecast?->dayOf(self::h(901)));
        self::assertEquals(new LikelyDay(0, 0, 0), $forecast?->dayOf(self::h(900)));
    }

    public function test_a_figure_that_is_further_off_is_never_met_earlier(): void
    {
        $random = new Randomizer(new Mt19937(41));
        for ($round = 0; $round < 300; $round++) {
            [$readings, $hours] = self::fleet($random, $random->getInt(4, 25));
            $forecast = MeterForecast::from($readings, self::now());
            self::assertNotNull($forecast);
            $before = new LikelyDay(0, 0, 0);
            foreach ([1, 10, 60, 200, 500] as $further) {
                $day = $forecast->dayOf(self::h((int) $hours + $further));
                if ($day === null) {
                    continue;
                }
                self::assertGreaterThanOrEqual($before->earliest, $day->earliest);
                self::assertGreaterThanOrEqual($before->likely, $day->likely);
                self::assertLessThanOrEqual($day->likely, $day->earliest);
                self::assertTrue($day->latest === null || $day->latest >= $day->likely);
                $before = $day;
            }
        }
    }

    /** @return iterable<string, array{\Closure(Randomizer): (\Closure(): bool), float}> */
    public static function fleets(): iterable
    {
        // On any day one in eight of those that are out comes back, and one in four of those in the yard leaves.
        yield 'hires of any length' => [static function (Randomizer $random): \Closure {
            $isOut = false;

            return static function () use ($random, &$isOut): bool {
                return $isOut = $isOut ? $random->getInt(1, 8) > 1 : $random->getInt(1, 4) === 1;
            };
        }, 0.95];
        // Hires that follow each other so evenly stray less than days that know nothing of each other: the interval is
        // wider than it had to be, which is the safe side.
        yield 'one hire after the other' => [static function (Randomizer $random): \Closure {
            [$isOut, $left] = [false, 0];

            return static function () use ($random, &$isOut, &$left): bool {
                if ($left-- <= 0) {
                    $isOut = ! $isOut;
                    $left = $isOut ? $random->getInt(2, 14) : $random->getInt(1, 6);
                }

                return $isOut;
            };
        }, 0.98];
    }

    /**
     * Meters of our own making, no two days alike: the interval has to hold what it says.
     *
     * @param \Closure(Randomizer): (\Closure(): bool) $isOut says of each day whether a machine is out
     * @param float $most of a hundred machines may be within it, as a share
     */
    #[DataProvider('fleets')]
    public function test_nine_in_ten_of_a_simulated_fleet_meet_their_figure_within_the_interval(
        \Closure $isOut,
        float $most,
    ): void {
        $random = new Randomizer(new Mt19937(17));
        [$within, $early, $asked] = [0, 0, 0];
        for ($machine = 0; $machine < 1_500; $machine++) {
            [$readings, $hours, $run] = self::machine($random, $random->getInt(6, 25), $isOut($random));
            $target = $hours + $random->getInt(30, 150);
            $day = MeterForecast::from($readings, self::now())?->dayOf(self::h((int) ceil($target)));
            $met = 0;
            while ($hours < ceil($target)) {
                $hours += $run();
                $met++;
            }
            if ($day === null) {
                continue;
            }
            $asked++;
            $within += $met >= $day->earliest && ($day->latest === null || $met <= $day->latest) ? 1 : 0;
            $early += $met < $day->earliest ? 1 : 0;
        }

        self::assertGreaterThan(1_400, $asked);
        self::assertGreaterThan(0.85, $within / $asked);
        self::assertLessThan($most, $within / $asked);
        self::assertLessThan(0.08, $early / $asked, 'due before the first likely day: those are the ones that hurt');
    }

    /** @return array{list<MeterPoint>, float, \Closure(): float} */
    private static function fleet(Randomizer $random, int $count): array
    {
        return self::machine($random, $count, iterator_to_array(self::fleets())['hires of any length'][0]($random));
    }

    /**
     * @param \Closure(): bool $isOut
     * @return array{list<MeterPoint>, float, \Closure(): float} readings, the hours today, and what the next day adds
     */
    private static function machine(Randomizer $random, int $count, \Closure $isOut): array
    {
        $rate = $random->getInt(20, 80) / 10;
        $run = static fn (): float => $isOut()
            ? max(0.0, min(24.0, $rate * $random->getInt(20, 180) / 100))
            : 0.0;
        $read = array_flip($random->pickArrayKeys(array_fill(0, 180, true), $count));
        [$hours, $readings] = [1_000.0, []];
        for ($day = 180; $day > 0; $day--) {
            $hours += $run();
            if (isset($read[$day - 1]) || $day === 1) {
                $readings[] = new MeterPoint(
                    self::now()->modify('-'.($day - 1).' days'),
                    Quantity::of(number_format($hours, 1, '.', ''), Unit::Hour),
                );
            }
        }

        return [$readings, $hours, $run];
    }

    /**
     * @param array<int, int> $hours by day from today
     * @return list<MeterPoint>
     */
    private static function readings(array $hours): array
    {
        return array_map(
            static fn (int $day, int $figure): MeterPoint => new MeterPoint(
                self::now()->modify("{$day} days"),
                self::h($figure),
            ),
            array_keys($hours),
            $hours,
        );
    }

    private static function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable(self::NOW);
    }

    private static function h(int $hours): Quantity
    {
        return Quantity::of($hours, Unit::Hour);
    }
}
