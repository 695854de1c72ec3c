<?php

declare(strict_types=1);

namespace Tests\Core\Service;

use JadeLedger\Core\Briefing\SeasonRule;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\After;
use JadeLedger\Core\Service\ChecksAfterEvents;
use JadeLedger\Core\Service\CountsFrom;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;
use JadeLedger\Core\Service\DueState;
use JadeLedger\Core\Service\Happened;
use JadeLedger\Core\Service\HireSpan;
use JadeLedger\Core\Service\Interval;
use JadeLedger\Core\Service\LaidUp;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Service\ServiceSchedule;
use JadeLedger\Core\Service\WorkDone;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Work and checks that go by hires, repairs and attachments. Common practice, no source. */
final class AfterEventsTest extends TestCase
{
    /** @param  list<string>  $ended when it came back */
    #[TestWith([[], DueState::Later, 3])]
    #[TestWith([['2026-11-01T09:00:00Z'], DueState::Later, 3], 'before it was done')]
    #[TestWith([['2026-11-11T09:00:00Z', '2026-11-18T09:00:00Z'], DueState::Later, 1])]
    #[TestWith([['2026-11-11T09:00:00Z', '2026-11-18T09:00:00Z', '2026-11-30T18:00:00Z'], DueState::Due, 0])]
    public function test_hires_count_from_when_it_was_done(array $ended, DueState $state, int $left): void
    {
        $point = self::due(Interval::every(null, hires: 3), [], new Happened(array_map(self::at(...), $ended), []));

        self::assertSame([$state, $left], [$point->state, $point->hiresLeft]);
    }

    #[TestWith(['2026-11-09T10:00:00Z', null], 'before it was done')]
    #[TestWith(['2026-11-10T11:59:59Z', null], 'the same day, before')]
    #[TestWith(['2026-11-10T12:00:01Z', After::Repair], 'the same day, after')]
    public function test_a_repair_makes_it_due_whatever_its_hours_say(string $repaired, ?After $because): void
    {
        $last = [After::Repair->value => self::at($repaired)];
        $point = self::due(Interval::every(null, 12), [After::Repair], new Happened([], $last));

        self::assertSame($because, $point->because);
        self::assertSame($because === null ? DueState::Later : DueState::Due, $point->state);
        self::assertNull(self::due(Interval::every(null, 12), [], new Happened([], $last))->because, 'not asked for');
    }

    /** The hires before one count, too: the second hire is met when one is left. */
    #[TestWith([1, 'second'])]
    #[TestWith([0, 'first'])]
    #[TestWith([2, null])]
    public function test_what_goes_by_hires_falls_due_on_the_one_that_is_too_many(int $left, ?string $hire): void
    {
        $ended = array_fill(0, 3 - $left, self::at('2026-11-20T09:00:00Z'));
        $point = self::due(Interval::every(null, hires: 3), [], new Happened($ended, []));
        $spans = [
            new HireSpan('first', self::day('2026-12-02'), self::day('2026-12-04')),
            new HireSpan('second', self::day('2026-12-07'), self::day('2026-12-09')),
        ];
        $on = DueOnHire::first($point, $spans, self::day('2026-12-01'), null);

        self::assertSame($hire, $on?->hireId);
        self::assertSame($hire === null ? null : 1, $on?->day);
    }

    #[TestWith(['rule_seasons_north', '2026-12-01', '2026-11-01'])]
    #[TestWith(['rule_seasons_north', '2026-10-31', '2025-11-01'])]
    #[TestWith(['rule_seasons_north', '2027-01-15', '2026-11-01'], 'over the new year')]
    #[TestWith(['rule_seasons_south', '2026-12-01', '2026-05-01'])]
    #[TestWith(['nobody said', '2026-12-01', '2026-11-01'])]
    #[TestWith(['nobody said', '2026-07-01', '2026-05-01'])]
    #[TestWith(['nobody said', '2026-01-01', '2025-11-01'])]
    public function test_frost_begins_where_the_yard_lies(string $rule, string $today, string $began): void
    {
        self::assertSame($began, SeasonRule::of(new Features([$rule]))->frostBegan(self::day($today))->text());
    }

    #[TestWith([null, null, null], 'it never went out')]
    #[TestWith(['2026-11-02', null, null], 'a day short')]
    #[TestWith(['2026-11-01', null, '2026-12-01'])]
    #[TestWith(['2026-09-01', null, '2026-10-01'])]
    #[TestWith(['2026-09-01', '2026-12-30', null], 'booked within thirty days')]
    #[TestWith(['2026-09-01', '2026-12-31', '2026-10-01'], 'booked later')]
    public function test_a_machine_that_nobody_wants_counts_as_laid_up(
        ?string $back,
        ?string $next,
        ?string $since,
    ): void {
        $ahead = $next === null ? [] : [new HireSpan('next', self::day($next), self::day('2027-01-20'))];
        $laidUp = LaidUp::since($back === null ? null : self::day($back), $ahead, self::day('2026-12-01'));

        self::assertSame($since, $laidUp?->text());
    }

    #[TestWith([null, 0], 'nobody knows how new it is')]
    #[TestWith(['0', 1])]
    #[TestWith(['49.9', 1])]
    #[TestWith(['50', 0])]
    public function test_a_point_of_a_new_machine_ends_with_its_hours(?string $hours, int $count): void
    {
        $catalogue = RealCatalogue::get();
        $point = $catalogue->programmeOf($catalogue->model('dromvik_14c'))->points['svc-new-engine'];
        $now = $hours === null ? null : Quantity::of($hours, Unit::Hour);
        $schedule = ServiceSchedule::of(Programme::of([$point]), [], $now, self::day('2026-12-01'), null);

        self::assertCount($count, $schedule->points);
    }

    public function test_a_walk_asks_after_an_event_only_what_it_does_not_ask_by_itself_and_was_not_done_since(): void
    {
        $catalogue = RealCatalogue::get();
        $features = $catalogue->featuresOf($catalogue->model('dromvik_14c'));
        $out = ChecksAfterEvents::of($catalogue->checks, $features, Movement::Checkout);
        $in = ChecksAfterEvents::of($catalogue->checks, $features, Movement::Return);
        $events = [Occasion::AfterAttachmentChange->value => self::at('2026-11-20T09:00:00Z')];

        self::assertContains('hyd-pressure-release', $out->ids(), 'a return asks it by itself');
        self::assertNotContains('hyd-pressure-release', $in->ids());
        self::assertSame([], $in->due([], []));
        $before = array_fill_keys($in->ids(), self::at('2026-11-19T09:00:00Z'));
        $due = $in->due($events, $before);
        self::assertNotSame([], $due);
        self::assertSame([Occasion::AfterAttachmentChange], array_values(array_unique($due, SORT_REGULAR)));
        self::assertSame([], $in->due($events, array_fill_keys($in->ids(), self::at('2026-11-20T09:00:00Z'))));
    }

    /** @param  list<After>  $after */
    private static function due(Interval $every, array $after, Happened $happened): DuePoint
    {
        $point = new ServicePoint(
            'p',
            'p',
            'p',
            '',
            new Applicability([], [], []),
            $every,
            CountsFrom::Done,
            Severity::Hold,
            Quantity::of('0', Unit::Hour),
            DoneBy::Yard,
            [],
            [],
            [],
            new Source(SourceKind::CommonPractice, 'common practice, no source'),
            after: $after,
        );
        $done = new WorkDone('p', self::day('2026-11-10'), null);

        return ServiceSchedule::of(Programme::of([$point]), [$done], null, self::day('2026-12-01'), null, $happened)
            ->points[0];
    }

    private static function day(string $day): CalendarDate
    {
        return CalendarDate::parse($day);
    }

    private static function at(string $moment): \DateTimeImmutable
    {
        return new \DateTimeImmutable($moment);
    }
}
