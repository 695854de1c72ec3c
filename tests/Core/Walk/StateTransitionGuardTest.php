<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\NoSafeOrder;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\StateTransitionGuard;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** What keeps a machine out of a state with power: the lines that stand before it. */
final class StateTransitionGuardTest extends TestCase
{
    private WalkPlan $plan;

    private StateTransitionGuard $guard;

    /** @var list<string> keys of lines that stand before the engine runs */
    private array $before;

    protected function setUp(): void
    {
        $this->plan = (new PlanWalk(RealCatalogue::get()))->for(
            RealCatalogue::get()->model('dromvik_14c'),
            Movement::Checkout,
        );
        $this->guard = new StateTransitionGuard($this->plan);
        $running = $this->plan->crossing('running')?->stage->state->hazardLevel() ?? 0;
        $this->before = array_map(static fn (PlannedLine $line): string => $line->key, array_values(array_filter(
            $this->plan->lines(),
            static fn (PlannedLine $line): bool => $line->gate !== null
                && $line->gate->state->hazardLevel() <= $running,
        )));
        self::assertGreaterThan(3, count($this->before));
    }

    public function test_nothing_answered_keeps_it_shut_and_everything_that_stands_opens_it(): void
    {
        self::assertSame($this->before, $this->keys('running', []));
        self::assertSame([], $this->keys('running', array_fill_keys($this->before, Outcome::Stands)));
    }

    #[TestWith([Outcome::Open])]
    #[TestWith([Outcome::Attend])]
    #[TestWith([Outcome::Stop])]
    public function test_one_line_that_does_not_stand_keeps_it_shut(Outcome $outcome): void
    {
        $outcomes = [$this->before[1] => $outcome] + array_fill_keys($this->before, Outcome::Stands);

        self::assertSame([$this->before[1]], $this->keys('running', $outcomes));
    }

    /** Oil in frost can be read no better now; oil that was read and stops the machine can. */
    public function test_what_was_read_as_far_as_it_can_be_keeps_nothing_shut_unless_it_stops_the_machine(): void
    {
        $stands = array_fill_keys($this->before, Outcome::Stands);
        [$later, $other] = $this->before;

        self::assertSame([], $this->keys('running', [$later => Outcome::Open] + $stands, [$later]));
        self::assertSame([$later], $this->keys('running', [$later => Outcome::Stop] + $stands, [$later]));
        self::assertSame([$later], $this->keys('running', [$later => Outcome::Attend] + $stands, [$later]));
        self::assertSame([$other], $this->keys('running', [$other => Outcome::Open] + $stands, [$later]));
    }

    public function test_a_state_without_power_waits_for_nothing(): void
    {
        self::assertSame([], $this->keys($this->plan->crossings[0]->stage->id, []));
        self::assertSame([], $this->keys('nowhere', []));
    }

    public function test_what_stands_before_driving_does_not_keep_it_from_running(): void
    {
        $later = array_diff($this->keys('driving', []), $this->before);

        self::assertSame([], array_diff($this->before, $this->keys('driving', [])));
        self::assertNotSame([], $later);
    }

    public function test_an_order_that_cannot_be_found_names_the_first_twelve(): void
    {
        self::assertStringEndsWith(
            'among: a, b, c, d, e, f, g, h, i, j, k, l.',
            NoSafeOrder::betweenStates(range('a', 'n'))->getMessage(),
        );
    }

    /**
     * @param array<string, Outcome> $outcomes
     * @param list<string> $later
     * @return list<string>
     */
    private function keys(string $stage, array $outcomes, array $later = []): array
    {
        return array_map(
            static fn (PlannedLine $line): string => $line->key,
            $this->guard->inTheWay($stage, $outcomes, $later),
        );
    }
}
