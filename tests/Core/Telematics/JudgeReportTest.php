<?php

declare(strict_types=1);

namespace Tests\Core\Telematics;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Telematics\JudgeReport;
use JadeLedger\Core\Telematics\MeterAgreement;
use JadeLedger\Core\Telematics\TimedHours;
use JadeLedger\Core\Telematics\WhyNotPlaced;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A counter that a machine reports: what can be true, and what is put aside. An hour has sixty minutes. */
final class JudgeReportTest extends TestCase
{
    #[TestWith(['1000.0', '2026-11-27T10:00:00Z', '0'])]
    #[TestWith(['1004.0', '2026-11-27T10:00:00Z', '4'])]
    #[TestWith(['1004.1', '2026-11-27T10:00:00Z', '4.1'])]
    #[TestWith(['1004.2', '2026-11-27T10:00:00Z', WhyNotPlaced::GainedTooMuch])]
    #[TestWith(['999.9', '2026-11-27T10:00:00Z', WhyNotPlaced::RanBackwards])]
    #[TestWith(['1000.0', '2026-11-27T12:15:00Z', '0'])]
    #[TestWith(['1000.0', '2026-11-27T12:15:01Z', WhyNotPlaced::FromTheFuture])]
    #[TestWith(['1000.0', '2026-11-27T06:00:00Z', null])]
    #[TestWith(['900.0', '2026-11-26T06:00:00Z', null])]
    public function test_after_one_thousand_hours_at_six(
        string $hours,
        string $at,
        string|WhyNotPlaced|null $expected,
    ): void {
        $judge = new JudgeReport(
            self::at('1000.0', '2026-11-27T06:00:00Z'),
            new \DateTimeImmutable('2026-11-27T12:00:00Z'),
        );
        $verdict = $judge->judge(self::at($hours, $at));

        self::assertSame($expected, $verdict->aside ?? $verdict->ran?->text());
    }

    public function test_the_first_report_says_where_the_counter_stands_and_not_what_it_ran(): void
    {
        $verdict = (new JudgeReport(null, new \DateTimeImmutable('2026-11-27T12:00:00Z')))
            ->judge(self::at('5000', '2026-11-27T11:00:00Z'));

        self::assertSame(['0', null], [$verdict->ran?->text(), $verdict->aside]);
    }

    /** Ten hours lie between the two moments. */
    #[TestWith(['1000', '1000', true])]
    #[TestWith(['1000', '1012', true])]
    #[TestWith(['1000', '1012.1', false])]
    #[TestWith(['1000', '998', true])]
    #[TestWith(['1000', '997.9', false])]
    public function test_two_counters_agree_within_two_hours_of_what_time_explains(
        string $meter,
        string $said,
        bool $agree,
    ): void {
        $one = self::at($meter, '2026-11-27T00:00:00Z');
        $other = self::at($said, '2026-11-27T10:00:00Z');

        self::assertSame(
            [$agree, $agree],
            [MeterAgreement::between($one, $other)->holds(), MeterAgreement::between($other, $one)->holds()],
        );
    }

    private static function at(string $hours, string $moment): TimedHours
    {
        return new TimedHours(Quantity::of($hours, Unit::Hour), new \DateTimeImmutable($moment));
    }
}
