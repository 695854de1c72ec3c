<?php

declare(strict_types=1);

namespace Tests\Core\Paper;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Paper;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\Certificate;
use JadeLedger\Core\Paper\HireDays;
use JadeLedger\Core\Paper\JudgePaper;
use JadeLedger\Core\Paper\NotADate;
use JadeLedger\Core\Paper\ServicePoint;
use JadeLedger\Core\Paper\Term;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;
use Tests\Support\RealCatalogue;

/** Dates of certificates and tags, and the serial of the plate. */
final class PaperTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function published(): iterable
    {
        foreach (PublishedValues::entries() as $entry) {
            if (in_array($entry['fn'], ['add_months_clamped', 'loler_next', 'a92_due'], true)) {
                foreach ($entry['examples'] as $example) {
                    yield "{$example['id']}: {$entry['source']}" => [
                        $entry['fn'],
                        $example['inputs'],
                        $example['expected'],
                    ];
                }
            }
        }
    }

    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $expected
     */
    #[DataProvider('published')]
    public function test_a_term_ends_on_the_published_day(string $fn, array $in, array $expected): void
    {
        $due = static fn (string $from, int $months): string => Term::of(
            Paper::dated($months),
            CalendarDate::parse($from),
        )->day->text();
        $actual = match ($fn) {
            'add_months_clamped' => ['date' => CalendarDate::parse($in['date'])->plusMonths($in['months'])->text()],
            'loler_next' => ['next' => $due($in['last'], $in['lifts_persons'] || $in['accessory'] ? 6 : 12)],
            'a92_due' => [
                'frequent_by_date' => $due($in['last_frequent'], 3),
                'frequent_by_hours' => Term::of(
                    Paper::dated(3, 150),
                    CalendarDate::parse($in['last_frequent']),
                    Quantity::of($in['hours_at_frequent'], Unit::Hour),
                )
                    ->hours?->decimal(0, RoundingMode::HALF_UP)
                    ->toInt(),
                'annual_by' => $due($in['last_annual'], 13),
            ],
            default => self::fail("Nothing computes {$fn}."),
        };

        self::assertSame($expected, $actual);
    }

    /**
     * The terms of the checks that ship are those of the rules: LOLER reg. 9(3)(a), ANSI A92.22 from memory, to be
     * confirmed.
     */
    public function test_the_checks_ask_for_the_months_of_the_rules(): void
    {
        $months = static fn (string $id): ?int => RealCatalogue::get()->checks[$id]->paper?->months;

        self::assertSame(6, $months('doc-thorough-exam'));
        self::assertSame(12, $months('doc-thorough-exam-lifting'));
        self::assertSame(
            [3, 150],
            [
                $months('doc-frequent-inspection'),
                RealCatalogue::get()->checks['doc-frequent-inspection']->paper?->hours,
            ],
        );
        self::assertSame(13, $months('doc-annual-inspection'));
    }

    /**
     * A property over twenty years of days: the calendar agrees with the one of PHP, and a longer term never ends
     * earlier.
     */
    public function test_days_and_months_agree_with_another_calendar(): void
    {
        $first = CalendarDate::parse('2019-12-31');
        for ($day = 0; $day < 7_400; $day += 7) {
            $there = (new \DateTimeImmutable('2019-12-31 UTC'))->modify("+{$day} days");
            $date = CalendarDate::parse($there->format('Y-m-d'));

            self::assertSame($day, $first->daysUntil($date));
            self::assertSame(-$day, $date->daysUntil($first));
            self::assertFalse($date->plusMonths($day % 30 + 1)->isBefore($date->plusMonths($day % 30)));
            self::assertLessThanOrEqual(31, $date->daysUntil($date->plusMonths(1)));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function noDays(): iterable
    {
        $noDays = ['', '2026-02-29', '2026-13-01', '26-01-01', '2026-1-1', '01.01.2026', '2026-00-10', "2026-01-01\n"];
        foreach ($noDays as $text) {
            yield "'{$text}'" => [$text];
        }
    }

    #[DataProvider('noDays')]
    public function test_a_day_that_does_not_exist_is_refused(string $text): void
    {
        $this->expectException(NotADate::class);
        CalendarDate::parse($text);
    }

    public function test_a_certificate_has_to_be_valid_until_the_hire_ends(): void
    {
        $judge = new JudgePaper($this->check('doc-thorough-exam'));
        $hire = $this->days('2026-11-25', '2026-12-04');
        $on = fn (string $done) => $judge->dated(Paper::dated(6), CalendarDate::parse($done), null, $hire);

        self::assertSame(Outcome::Stands, $on('2026-06-04')->outcome, 'valid to the last day');
        self::assertSame('paper.runs_out', $on('2026-06-03')->reason->key);
        self::assertSame(Outcome::Stop, $on('2026-06-03')->outcome);
        self::assertSame('1', $on('2026-06-03')->reason->figures['days']);
        self::assertSame('paper.ran_out', $on('2026-05-24')->reason->key);
        self::assertSame('paper.runs_out', $on('2026-05-25')->reason->key, 'today it is still valid');
    }

    public function test_a_day_that_has_not_come_yet_cannot_stand_on_a_paper(): void
    {
        $this->expectException(NotADate::class);
        (new JudgePaper($this->check('saf-extinguisher-tag')))->dated(
            Paper::dated(6),
            CalendarDate::parse('2026-11-26'),
            null,
            $this->days('2026-11-25', '2026-11-26'),
        );
    }

    public function test_hours_that_come_first_end_the_term(): void
    {
        $judge = new JudgePaper($this->check('doc-frequent-inspection'));
        $at = static fn (string $hours): HireDays => new HireDays(
            CalendarDate::parse('2026-11-25'),
            CalendarDate::parse('2026-11-30'),
            Quantity::of($hours, Unit::Hour),
        );
        $on = fn (string $now) => $judge->dated(
            Paper::dated(3, 150),
            CalendarDate::parse('2026-11-01'),
            Quantity::of(412, Unit::Hour),
            $at($now),
        );

        self::assertSame(Outcome::Stands, $on('561.9')->outcome);
        self::assertSame('paper.hours_over', $on('562')->reason->key);
    }

    /**
     * Examined on 31 January for six months: good on 31 July, over on 1 August. Common practice, no source, for the day
     * included.
     */
    public function test_a_certificate_is_good_on_its_last_day_and_a_service_is_due_at_its_figure(): void
    {
        $last = CalendarDate::parse('2025-01-31')->plusMonths(6);
        self::assertFalse(Certificate::isOver($last, CalendarDate::parse('2025-07-31')));
        self::assertTrue(Certificate::isOver($last, CalendarDate::parse('2025-08-01')));
        self::assertFalse(ServicePoint::isDue(Quantity::of('500', Unit::Hour), Quantity::of('499.9', Unit::Hour)));
        self::assertTrue(ServicePoint::isDue(Quantity::of('500', Unit::Hour), Quantity::of('500', Unit::Hour)));
    }

    /**
     * A paper with an hour limit is judged by the meter: unknown, or behind the paper, it does not stand. Common
     * practice, no source.
     */
    public function test_a_paper_with_an_hour_limit_needs_a_meter_that_fits_it(): void
    {
        $judge = new JudgePaper(RealCatalogue::get()->checks['doc-frequent-inspection']);
        $on = static fn (?string $meter, string $at): Verdict => $judge->dated(
            Paper::dated(3, 150),
            CalendarDate::parse('2026-11-01'),
            Quantity::of($at, Unit::Hour),
            new HireDays(
                CalendarDate::parse('2026-11-25'),
                CalendarDate::parse('2026-11-30'),
                $meter === null ? null : Quantity::of($meter, Unit::Hour),
            ),
        );

        self::assertSame('paper.hours_unknown', $on(null, '400')->reason->key);
        self::assertSame('paper.hours_ahead', $on('400', '5000')->reason->key);
        self::assertSame(
            ['paper.valid', 'paper.hours_over'],
            [$on('549.9', '400')->reason->key, $on('550', '400')->reason->key],
        );
    }

    public function test_an_extinguisher_tag_that_ran_out_keeps_the_machine_here_and_stops_nothing(): void
    {
        $verdict = (new JudgePaper($this->check('saf-extinguisher-tag')))->dated(
            Paper::dated(6),
            CalendarDate::parse('2026-01-10'),
            null,
            $this->days('2026-11-25', '2026-11-30'),
        );

        self::assertSame(Outcome::Attend, $verdict->outcome);
        self::assertSame(['2026-01-10 + 6 mo = 2026-07-10'], $verdict->working);
    }

    public function test_a_plate_is_the_one_of_the_record_however_it_is_spaced(): void
    {
        $judge = new JudgePaper($this->check('doc-serial-match'));

        foreach (['DV14-00817', 'dv14 00817', ' DV1400817 ', 'DV14/00817'] as $plate) {
            self::assertSame(Outcome::Stands, $judge->serial($plate, 'DV14-00817')->outcome, $plate);
        }
        foreach (['DV14-00871', 'DV14-0817', '', 'DV14-008170'] as $plate) {
            self::assertSame('paper.other_serial', $judge->serial($plate, 'DV14-00817')->reason->key, $plate);
        }
    }

    private function check(string $id): Check
    {
        return RealCatalogue::get()->checks[$id];
    }

    private function days(string $today, string $end): HireDays
    {
        return new HireDays(CalendarDate::parse($today), CalendarDate::parse($end));
    }
}
