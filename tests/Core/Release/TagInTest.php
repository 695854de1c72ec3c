<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\Decision;
use JadeLedger\Core\Release\DueAfterRepair;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\MayTagIn;
use JadeLedger\Core\Release\NotTaggedIn;
use JadeLedger\Core\Release\TagState;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\PlanWalk;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Repair, second person, second test: common practice, no source. */
final class TagInTest extends TestCase
{
    public function test_on_a_machine_that_lifts_people_everything_is_due_again_after_a_repair(): void
    {
        [$plan, $due] = $this->due('ardlow_38x', ['mew-gate']);

        self::assertCount(count($plan->lines()), $due);
    }

    public function test_on_another_machine_the_mended_line_and_what_is_due_after_a_repair(): void
    {
        [$plan, $due] = $this->due('mossgill_122', ['turf-belts']);
        $features = RealCatalogue::get()->featuresOf(RealCatalogue::get()->model('mossgill_122'));

        self::assertContains('turf-belts', $due);
        self::assertContains('turf-blade-stop', $due, 'its own check says that it is due after a repair');
        self::assertLessThan(count($plan->lines()) / 2, count($due));
        foreach ($due as $key) {
            $check = $plan->line($key)->check ?? self::fail($key);
            self::assertTrue(
                $key === 'turf-belts' ||
                    in_array('turf-belts', $check->after, true) ||
                    in_array(Occasion::AfterRepair, $check->dueOn($features), true),
                $key,
            );
        }
    }

    public function test_who_mended_it_does_not_take_the_tag_off_and_another_does(): void
    {
        $rule = new MayTagIn(
            'moss',
            [JudgedLine::check('brk-pedal', 'Foot brake', Severity::Stop, Outcome::Stands)],
            ['brk-pedal'],
        );

        self::assertSame(NotTaggedIn::RepairedByTheSame, $rule->inTheWayOf('moss'));
        self::assertNull($rule->inTheWayOf('ines'));
        self::assertSame(NotTaggedIn::NotRepaired, (new MayTagIn(null, [], []))->inTheWayOf('ines'));
    }

    /**
     * A law, over 10,000 machines with faults: no tag comes off and nothing is released while anything stops, or
     * while a due line does not stand.
     */
    public function test_no_tag_comes_off_over_a_stop_and_nothing_is_released_over_one(): void
    {
        $taken = 0;
        for ($seed = 1; $seed <= 10_000; $seed++) {
            mt_srand($seed);
            $machine = [];
            foreach (range(1, mt_rand(1, 8)) as $at) {
                $outcome = mt_rand(0, 3) > 0 ? Outcome::Stands : Outcome::cases()[mt_rand(0, 3)];
                $severity = Severity::cases()[mt_rand(0, 2)];
                $machine[] =
                    mt_rand(0, 9) > 0
                        ? JudgedLine::check("line-{$at}", 'A line', $severity, $outcome)
                        : JudgedLine::finding("finding-{$at}", 'A finding', $severity);
            }
            $due = array_values(
                array_filter(
                    array_map(static fn (JudgedLine $line): string => $line->reference, $machine),
                    static fn (): bool => mt_rand(0, 1) === 1,
                ),
            );
            $stops = array_filter($machine, static fn (JudgedLine $line): bool => $line->outcome === Outcome::Stop);
            $open = array_filter(
                $machine,
                static fn (JudgedLine $line): bool => in_array($line->reference, $due, true) &&
                    $line->outcome !== Outcome::Stands,
            );
            $comesOff = (new MayTagIn('moss', $machine, $due))->inTheWayOf('ines') === null;
            self::assertSame($stops === [] && $open === [], $comesOff, "seed {$seed}");
            $taken += (int) $comesOff;
            foreach (TagState::cases() as $tag) {
                $decision = (new DecideRelease())->of($machine, $tag)->decision;
                self::assertTrue(
                    $decision !== Decision::Released || ($stops === [] && $tag === TagState::None),
                    "seed {$seed}",
                );
            }
        }
        self::assertGreaterThan(1_000, $taken, 'most machines come through in the end');
    }

    /**
     * @param list<string> $mended
     * @return array{\JadeLedger\Core\Walk\WalkPlan, list<string>}
     */
    private function due(string $model, array $mended): array
    {
        $catalogue = RealCatalogue::get();
        $plan = (new PlanWalk($catalogue))->for($catalogue->model($model), Movement::Checkout);

        return [$plan, (new DueAfterRepair($plan, $catalogue->featuresOf($catalogue->model($model))))->of($mended)];
    }
}
