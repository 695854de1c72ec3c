<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\Decision;
use JadeLedger\Core\Release\Ground;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\Remedy;
use JadeLedger\Core\Release\TagState;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DecideReleaseTest extends TestCase
{
    use TestTrait;

    public function test_a_line_of_the_walk_is_no_finding_and_work_that_is_due_neither(): void
    {
        self::assertFalse(JudgedLine::check('a', 'A', Severity::Stop, Outcome::Stands)->isFinding);
        self::assertFalse(JudgedLine::service('b', 'B', Severity::Hold)->isFinding);
        self::assertTrue(JudgedLine::finding('c', 'C', Severity::Note)->isFinding);
    }

    public function test_what_somebody_found_stands_before_what_nobody_looked_at_the_gravest_first(): void
    {
        $lines = [
            JudgedLine::check('unread note', 'U', Severity::Note, Outcome::Open),
            JudgedLine::check('lead', 'L', Severity::Hold, Outcome::Attend),
            JudgedLine::check('answer', 'A', Severity::Hold, Outcome::Open),
            JudgedLine::check('reread', 'R', Severity::Stop, Outcome::Attend),
            JudgedLine::check('repair', 'S', Severity::Stop, Outcome::Stop),
            JudgedLine::check('note', 'N', Severity::Note, Outcome::Attend),
        ];
        foreach ([$lines, array_reverse($lines)] as $order) {
            self::assertSame(
                ['repair', 'reread', 'lead', 'answer', 'note', 'unread note'],
                array_map(
                    static fn (Ground $ground): string => $ground->reference,
                    (new DecideRelease())->of($order, TagState::None)->grounds,
                ),
            );
        }
    }

    #[TestWith([Severity::Stop, Outcome::Stands, Decision::Released, false], 'everything stands')]
    #[TestWith([Severity::Note, Outcome::Attend, Decision::Released, false], 'a note goes out')]
    #[
        TestWith(
            [Severity::Note, Outcome::Open, Decision::Released, false],
            'a note that nobody looked at goes out, mentioned',
        ),
    ]
    #[TestWith([Severity::Hold, Outcome::Attend, Decision::Held, true], 'a hold stays, or goes with a condition')]
    #[
        TestWith(
            [Severity::Hold, Outcome::Open, Decision::Held, false],
            'a hold check that nobody answered has to be answered',
        ),
    ]
    #[TestWith([Severity::Stop, Outcome::Open, Decision::Held, false], 'so does a stop check')]
    #[
        TestWith(
            [Severity::Stop, Outcome::Attend, Decision::Held, false],
            'a stop check that needs attention has to stand',
        ),
    ]
    #[TestWith([Severity::Stop, Outcome::Stop, Decision::TaggedOut, false], 'a stop tags it out')]
    public function test_one_line_decides_when_all_others_stand(
        Severity $severity,
        Outcome $outcome,
        Decision $decision,
        bool $withConditions,
    ): void {
        $result = (new DecideRelease())->of(
            [
                JudgedLine::check('other', 'Other', Severity::Stop, Outcome::Stands),
                JudgedLine::check('line', 'Line', $severity, $outcome),
            ],
            TagState::None,
        );

        self::assertSame($decision, $result->decision);
        self::assertSame($withConditions, $result->mayBeReleasedWithConditions());
    }

    public function test_a_stop_finding_tags_it_out_and_a_hold_finding_holds_it(): void
    {
        self::assertSame(
            Decision::TaggedOut,
            (new DecideRelease())->of([JudgedLine::finding('f', 'Hose', Severity::Stop)], TagState::None)->decision,
        );
        self::assertSame(
            Decision::Held,
            (new DecideRelease())->of([JudgedLine::finding('f', 'Glass', Severity::Hold)], TagState::None)->decision,
        );
    }

    public function test_a_tag_on_the_machine_is_enough(): void
    {
        self::assertSame(Decision::TaggedOut, (new DecideRelease)->of([], TagState::Hanging)->decision);
    }

    public function test_the_gravest_ground_stands_first_and_says_what_would_lift_it(): void
    {
        $grounds = (new DecideRelease)->of([
            JudgedLine::check('note', 'Dust', Severity::Note, Outcome::Attend),
            JudgedLine::check('hold', 'Glass', Severity::Hold, Outcome::Attend),
            JudgedLine::check('stop', 'Brake', Severity::Stop, Outcome::Stop),
        ], TagState::None)->grounds;

        self::assertSame(
            [Remedy::Repair, Remedy::LeadsCondition, Remedy::Nothing],
            array_map(static fn (Ground $ground): Remedy => $ground->liftedBy, $grounds),
        );
    }

    public function test_no_walk_with_a_stop_or_an_unanswered_stop_check_is_ever_released_by_anybody(): void
    {
        $line = Generators::tuple(
            Generators::elements(...Severity::cases()),
            Generators::elements(...Outcome::cases()),
        );
        $this->limitTo(300)
            ->forAll(Generators::seq($line))
            ->then(static function (array $drawn): void {
                $lines = array_map(
                    static fn (array $pair, int $at): JudgedLine => JudgedLine::check(
                        "line-{$at}",
                        'A line',
                        $pair[0],
                        $pair[1],
                    ),
                    $drawn,
                    array_keys($drawn),
                );
                $result = (new DecideRelease())->of($lines, TagState::None);
                $forbidden = array_filter(
                    $drawn,
                    static fn (array $pair): bool => $pair[1] === Outcome::Stop ||
                        ($pair[0] === Severity::Stop && $pair[1] !== Outcome::Stands),
                );
                if ($forbidden !== []) {
                    self::assertNotSame(Decision::Released, $result->decision);
                    self::assertFalse($result->mayBeReleasedWithConditions());
                }
                if ($result->decision === Decision::Released) {
                    self::assertSame(
                        [],
                        array_filter(
                            $drawn,
                            static fn (array $pair): bool => $pair[0] !== Severity::Note &&
                                $pair[1] !== Outcome::Stands,
                        ),
                    );
                }
            });
    }

    public function test_what_keeps_a_released_machine_is_the_gravest_that_no_condition_covers(): void
    {
        $note = JudgedLine::check('note', 'Dust', Severity::Note, Outcome::Attend);
        $hold = JudgedLine::check('hold', 'Glass', Severity::Hold, Outcome::Attend);
        $other = JudgedLine::check('other', 'Mirror', Severity::Hold, Outcome::Attend);
        $decision = (new DecideRelease)->of([$note, $hold, $other], TagState::None);

        self::assertSame('hold', $decision->gravestBeyond([])?->reference);
        self::assertSame('other', $decision->gravestBeyond(['hold'])?->reference);
        self::assertNull($decision->gravestBeyond(['hold', 'other']), 'a note keeps nothing');
        self::assertTrue($decision->letsGo(['hold', 'other']));
        self::assertFalse($decision->letsGo(['hold']));
        self::assertTrue((new DecideRelease)->of([$note], TagState::None)->letsGo([]), 'released needs no condition');
        self::assertFalse((new DecideRelease)->of([$note], TagState::None)->mayBeReleasedWithConditions());
    }

    public function test_a_condition_of_a_service_is_written_as_of_a_line(): void
    {
        $service = JudgedLine::service('service:svc-oil', 'Oil', Severity::Hold);
        $finding = JudgedLine::finding('f', 'Glass', Severity::Hold);

        self::assertFalse($service->isFinding);
        self::assertTrue($finding->isFinding);
        self::assertTrue((new DecideRelease)->of([$service], TagState::None)->letsGo(['service:svc-oil']));
    }
}
