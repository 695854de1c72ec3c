<?php

declare(strict_types=1);

namespace Tests\Core\FunctionTest;

use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\LimitsAsked;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Check\TestStep;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\FunctionTest\JudgeFunctionTest;
use JadeLedger\Core\FunctionTest\StepResponse;
use JadeLedger\Core\FunctionTest\TestRun;
use JadeLedger\Core\FunctionTest\TestRunDoesNotFit;
use JadeLedger\Core\FunctionTest\TestRunFault;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Step by step, any deviation ends the test, what failed stops the machine: common practice, no source. */
final class FunctionTestTest extends TestCase
{
    /** @return iterable<string, array{string, int}> every step of every function test that ships */
    public static function steps(): iterable
    {
        foreach (self::tests() as $check) {
            foreach (array_keys($check->test) as $at) {
                yield "{$check->id} step ".($at + 1) => [$check->id, $at];
            }
        }
    }

    /**
     * Steps of tests that tag out whose own failure keeps the machine in the yard and no more: what is only stiff, does
     * not come back on, or cannot be reset. Common practice, no source.
     */
    private const ONLY_HOLD = [
        'brk-pedal' => [3], 'brk-park-lever' => [3], 'brk-secondary' => [2], 'ctl-lift-lower' => [2],
        'ctl-hyd-off-road' => [3], 'ctl-pallet-handle' => [3], 'trn-neutral-start' => [2], 'trn-inching' => [3],
        'trn-retarder' => [3], 'mst-lift-tilt' => [1, 2], 'mew-estop-ground' => [3],
        'mew-estop-platform' => [3], 'mew-main-disconnect' => [2], 'mew-enable-speeds' => [1, 2],
        'mew-cycle-ground' => [3], 'mew-cycle-ground-out' => [3], 'mew-tilt-alarm' => [2], 'gen-estop' => [2],
        'saf-external-stop' => [2], 'saf-cab-estop' => [3], 'saf-reverse-alarm' => [2], 'saf-descent-alarm' => [2],
        'saf-travel-lock' => [2], 'art-steer-smooth' => [1, 3], 'pto-interlock' => [2], 'brk-seat-interlock' => [2],
        'mew-crush-foot' => [2], 'mew-pothole-deploy' => [2], 'eng-throttle-lock' => [1], 'mew-drive-enable' => [3],
    ];

    #[DataProvider('steps')]
    public function test_a_step_that_responds_otherwise_ends_the_test_and_weighs_what_it_can_do(
        string $id,
        int $at,
    ): void {
        $check = RealCatalogue::get()->checks[$id];
        $run = TestRun::ended([
            ...array_slice(self::allAsExpected($check), 0, $at),
            StepResponse::otherwise('It did something else.'),
        ]);
        $verdict = (new JudgeFunctionTest)->judge($check, $run);

        $stops = $check->severity === Severity::Stop && ! in_array($at + 1, self::ONLY_HOLD[$id] ?? [], true);
        self::assertSame($stops ? Outcome::Stop : Outcome::Attend, $verdict->outcome);
        self::assertSame((string) ($at + 1), $verdict->reason->figures['step']);
        self::assertSame($check->test[$at]->expect, $verdict->reason->figures['expect']);
        self::assertSame('It did something else.', $verdict->reason->figures['observed']);
        self::assertSame(['means' => $check->test[$at]->failMeans], $verdict->act?->figures);
        self::assertNotSame('', $verdict->source->words, 'every step stands on a source, or says that there is none');
    }

    /** From the manual of the demo's boom: ten degrees. */
    public function test_a_figure_of_the_model_stands_in_what_was_expected(): void
    {
        $catalogue = RealCatalogue::get();
        $check = $catalogue->checks['mew-axle-raise'];
        self::assertSame(['axles_in_angle'], $check->figures());
        $figures = $catalogue->model('ardlow_38x')->stated($check->figures());

        $verdict = (new JudgeFunctionTest())->judge(
            $check,
            TestRun::ended([StepResponse::otherwise('It went on.')]),
            $figures,
        );

        $figure = $verdict->reason->figures['axles_in_angle'];
        self::assertInstanceOf(Quantity::class, $figure);
        self::assertSame(['10', Unit::Degree], [$figure->text(), $figure->unit]);
        self::assertSame('Halts at {axles_in_angle}.', $verdict->reason->figures['expect']);
    }

    public function test_a_model_that_does_not_know_the_figure_is_asked_for_it(): void
    {
        $catalogue = RealCatalogue::get();
        $asked = (new LimitsAsked($catalogue))->of(new Features(['extendable_axles', 'mast']));

        self::assertSame('stated_angle', $asked['axles_in_angle']->kind);
        self::assertSame('stated_length', $asked['mast_creep_length']->kind);
        $this->expectException(LimitNotKnown::class);
        $catalogue->model('dromvik_14c')->stated(['axles_in_angle']);
    }

    public function test_a_test_stands_only_when_every_step_did(): void
    {
        foreach (self::tests() as $check) {
            $whole = self::allAsExpected($check);

            self::assertSame(
                Outcome::Stands,
                (new JudgeFunctionTest())->judge($check, TestRun::ended($whole))->outcome,
                $check->id,
            );
            self::assertSame(
                TestRunFault::NoReason,
                self::fault($check, TestRun::ended(array_slice($whole, 0, -1))),
                $check->id,
            );
        }
    }

    public function test_a_test_that_was_broken_off_proves_nothing_and_begins_again(): void
    {
        $check = RealCatalogue::get()->checks['mew-cycle-ground'];
        $verdict = (new JudgeFunctionTest())->judge(
            $check,
            TestRun::brokenOff([StepResponse::asExpected()], 'Somebody came into the area.'),
        );

        self::assertSame(Outcome::Open, $verdict->outcome);
        self::assertSame(
            ['done' => '1', 'count' => '3', 'because' => 'Somebody came into the area.'],
            $verdict->reason->figures,
        );
        self::assertSame('test.begin_again', $verdict->act?->key);
    }

    public function test_an_account_that_contradicts_the_test_is_refused_with_its_reason(): void
    {
        $check = RealCatalogue::get()->checks['mew-cycle-ground'];
        $good = StepResponse::asExpected();
        $bad = StepResponse::otherwise('It drifts.');

        self::assertSame(TestRunFault::TooManySteps, self::fault($check, TestRun::ended([$good, $good, $good, $good])));
        self::assertSame(
            TestRunFault::WentOn,
            self::fault($check, TestRun::ended([$bad, $good])),
            'nothing is tried after a step that failed',
        );
        self::assertSame(
            TestRunFault::NothingLeft,
            self::fault($check, TestRun::brokenOff([$good, $good, $good], 'Called away.')),
        );
        self::assertSame(
            TestRunFault::NothingLeft,
            self::fault($check, TestRun::brokenOff([$bad], 'Called away.')),
            'a failure is not hidden behind a reason',
        );
        foreach ([fn () => StepResponse::otherwise(' '), fn () => TestRun::brokenOff([$good], ' ')] as $silent) {
            try {
                $silent();
                self::fail('Nothing is accepted in silence.');
            } catch (TestRunDoesNotFit $misfit) {
                self::assertContains($misfit->fault, [TestRunFault::NothingObserved, TestRunFault::NoReason]);
            }
        }
    }

    public function test_a_step_that_has_to_be_held_is_not_let_go_early(): void
    {
        // The crush alarm turns steady after more than ten seconds: common practice, no source.
        $check = RealCatalogue::get()->checks['mew-crush-trip'];
        $run = static fn (?int $seconds): TestRun => TestRun::ended([
            StepResponse::asExpected(),
            StepResponse::asExpected($seconds),
            StepResponse::asExpected(),
        ]);

        self::assertSame(TestRunFault::HeldTooShort, self::fault($check, $run(10)));
        self::assertNull(self::fault($check, $run(11)));
        self::assertSame(TestRunFault::HeldTooShort, self::fault($check, $run(null)), 'the clock has to have run');
    }

    /** @return list<StepResponse> each step as it should be, held for as long as it asks for */
    private static function allAsExpected(Check $check): array
    {
        return array_map(
            static fn (TestStep $step): StepResponse => StepResponse::asExpected($step->seconds),
            $check->test,
        );
    }

    /** What the families are tried for before they go out: common practice, no source. */
    public function test_what_can_run_lift_or_drive_is_tried_step_by_step(): void
    {
        $tests = array_map(static fn (Check $check): string => $check->id, self::tests());

        foreach (
            [
                'saf-work-lock',
                'brk-drive',
                'mst-lift-tilt',
                'saf-seat-switch',
                'pto-interlock',
                'gen-estop',
                'ltw-mast',
                'mew-estop-ground',
                'mew-enable-ground',
                'mew-axle-raise',
                'mew-axle-extend-lock',
                'mew-env-angle',
                'mew-env-length',
                'mew-aux-ground',
                'mew-emerg-lower',
                'mew-estop-platform',
                'mew-foot-nofunction',
                'mew-deadman',
                'mew-tilt-alarm',
                'mew-drive-enable',
                'mew-enable-window',
                'mew-aux-platform',
                'mew-pothole-deploy',
                'mew-crush-trip',
            ] as $id
        ) {
            self::assertContains($id, $tests);
        }
        foreach (self::tests() as $check) {
            self::assertSame(AnswerKind::FunctionTest, $check->answer);
            self::assertFalse($check->mayStandTogether(), "{$check->id} is not waved through");
        }
    }

    private static function fault(Check $check, TestRun $run): ?TestRunFault
    {
        try {
            (new JudgeFunctionTest)->judge($check, $run);
        } catch (TestRunDoesNotFit $misfit) {
            return $misfit->fault;
        }

        return null;
    }

    /** @return list<Check> */
    private static function tests(): array
    {
        return array_values(
            array_filter(RealCatalogue::get()->checks, static fn (Check $check): bool => $check->test !== []),
        );
    }
}
