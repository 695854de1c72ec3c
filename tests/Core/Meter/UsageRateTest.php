<?php

declare(strict_types=1);

namespace Tests\Core\Meter;

use JadeLedger\Core\Hire\HirePeriod;
use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Meter\PlottedPoint;
use JadeLedger\Core\Meter\TheilSen;
use JadeLedger\Core\Meter\UsageRate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\PublishedValues;

final class UsageRateTest extends TestCase
{
    /** @return array<string, array{array<string, mixed>, mixed}> */
    public static function published(): array
    {
        return PublishedValues::examples('S-551');
    }

    /**
     * @param array{x: list<float>, y: list<float>} $inputs
     * @param array{slope: float, intercept_median_form: float} $expected
     */
    #[DataProvider('published')]
    public function test_the_line_is_that_of_the_published_examples(array $inputs, array $expected): void
    {
        $line = TheilSen::through(array_map(
            static fn (float|int $x, float|int $y): PlottedPoint => new PlottedPoint((float) $x, (float) $y),
            $inputs['x'],
            $inputs['y'],
        ));

        self::assertNotNull($line);
        self::assertEqualsWithDelta($expected['slope'], $line->slope, 1e-6);
        self::assertEqualsWithDelta($expected['intercept_median_form'], $line->intercept, 1e-6);
    }

    public function test_points_above_each_other_have_no_line(): void
    {
        self::assertNull(TheilSen::through([new PlottedPoint(1, 2), new PlottedPoint(1, 3)]));
        self::assertNull(TheilSen::through([]));
    }

    /** Two hires of five days with four hours a day each, and three weeks in the yard between them. */
    public function test_time_in_the_yard_is_no_time_on_hire(): void
    {
        $rate = UsageRate::onHire(
            [
                self::read('2026-10-05', '100'),
                self::read('2026-10-10', '120'),
                self::read('2026-11-02', '120'),
                self::read('2026-11-07', '140'),
            ],
            [self::out('2026-10-05', '2026-10-10'), self::out('2026-11-02', '2026-11-07')],
        );

        self::assertNotNull($rate);
        self::assertEqualsWithDelta(4.0, $rate->hoursPerDay, 1e-9);
        self::assertSame([10.0, 3], [$rate->days, $rate->readings]);
    }

    public function test_only_the_last_thirty_days_on_hire_count(): void
    {
        $readings = [self::read('2026-07-01', '0'), self::read('2026-08-10', '400')];
        foreach (range(0, 30, 10) as $day) {
            $readings[] = self::read("2026-08-10 +{$day} days", (string) (400 + 2 * $day));
        }
        $rate = UsageRate::onHire($readings, [self::out('2026-07-01', '2026-12-01')]);

        self::assertEqualsWithDelta(2.0, $rate->hoursPerDay ?? 0.0, 1e-9, 'ten hours a day are long ago');
    }

    public function test_a_decimal_slip_moves_it_little(): void
    {
        $readings = array_map(
            static fn (int $day): MeterPoint => self::read(
                "2026-10-01 +{$day} days",
                $day === 6 ? '10240' : (string) (1000 + 4 * $day),
            ),
            range(0, 20, 2),
        );
        $rate = UsageRate::onHire($readings, [self::out('2026-10-01', '2026-11-01')]);

        self::assertEqualsWithDelta(4.0, $rate->hoursPerDay ?? 0.0, 0.2);
    }

    public function test_what_is_not_known_is_not_guessed(): void
    {
        $out = [self::out('2026-10-01', '2026-11-01')];
        $two = [self::read('2026-10-01', '100'), self::read('2026-10-09', '140')];

        self::assertNull(UsageRate::onHire([], $out));
        self::assertNull(UsageRate::onHire($two, $out), 'two readings say nothing of a third');
        self::assertNull(UsageRate::onHire([...$two, self::read('2026-10-05', '120')], []), 'it was never out');
        $oneDay = [
            self::read('2026-10-01', '100'),
            self::read('2026-10-01 12:00', '104'),
            self::read('2026-10-02', '108'),
        ];
        self::assertNull(UsageRate::onHire($oneDay, $out), 'one day is none');
    }

    /** A law: the rate does not depend on the order of the readings, nor on when the hires were. */
    public function test_neither_order_nor_the_time_between_hires_matters(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        for ($round = 0; $round < 200; $round++) {
            $hours = 0;
            $day = 0;
            $readings = $moved = $out = $movedOut = [];
            $gap = 0;
            for ($hire = 0; $hire < $random->getInt(2, 6); $hire++) {
                $gap += $random->getInt(0, 40);
                $length = $random->getInt(1, 9);
                [$from, $until] = [$day, $day + $length];
                $out[] = self::days($from, $until);
                $movedOut[] = self::days($from + $gap, $until + $gap);
                foreach ([[$from, $hours], [$until, $hours += $random->getInt(0, 8 * $length)]] as [$at, $shows]) {
                    $readings[] = self::read("2026-01-01 +{$at} days", (string) $shows);
                    $later = $at + $gap;
                    $moved[] = self::read("2026-01-01 +{$later} days", (string) $shows);
                }
                $day = $until + 1;
            }
            $rate = UsageRate::onHire($readings, $out);

            self::assertEquals($rate, UsageRate::onHire($random->shuffleArray($readings), $random->shuffleArray($out)));
            self::assertEqualsWithDelta(
                $rate->hoursPerDay ?? -1.0,
                UsageRate::onHire($moved, $movedOut)->hoursPerDay ?? -1.0,
                1e-9,
            );
            self::assertTrue($rate === null || ($rate->hoursPerDay >= 0.0 && $rate->hoursPerDay <= 24.0));
        }
    }

    public function test_what_ran_before_its_hires_were_kept_does_not_count_for_them(): void
    {
        $out = [self::days(100, 104), self::days(110, 114)];
        $ofHires = [
            self::read('2026-01-01 +100 days', '1000'), self::read('2026-01-01 +104 days', '1020'),
            self::read('2026-01-01 +110 days', '1020'), self::read('2026-01-01 +114 days', '1040'),
        ];
        $before = [self::read('2026-01-01 +10 days', '200'), self::read('2026-01-01 +50 days', '600')];

        self::assertEqualsWithDelta(5.0, UsageRate::onHire([...$before, ...$ofHires], $out)->hoursPerDay ?? 0.0, 1e-9);
        self::assertNull(
            UsageRate::onHire([...$before, $ofHires[0], $ofHires[1]], [$out[0]]),
            'one hire is not enough',
        );
    }

    private static function read(string $at, string $hours): MeterPoint
    {
        return new MeterPoint(new \DateTimeImmutable($at, new \DateTimeZone('UTC')), Quantity::of($hours, Unit::Hour));
    }

    private static function out(string $from, string $until): HirePeriod
    {
        $zone = new \DateTimeZone('UTC');

        return HirePeriod::between(new \DateTimeImmutable($from, $zone), new \DateTimeImmutable($until, $zone));
    }

    private static function days(int $from, int $until): HirePeriod
    {
        return self::out("2026-01-01 +{$from} days", "2026-01-01 +{$until} days");
    }
}
