<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\State\Area;
use JadeLedger\Core\State\Articulation;
use JadeLedger\Core\State\Axles;
use JadeLedger\Core\State\Controls;
use JadeLedger\Core\State\Engine;
use JadeLedger\Core\State\Helper;
use JadeLedger\Core\State\Isolator;
use JadeLedger\Core\State\Key;
use JadeLedger\Core\State\MachineState;
use JadeLedger\Core\State\ParkBrake;
use JadeLedger\Core\State\Posture;
use JadeLedger\Core\State\Pressure;
use JadeLedger\Core\State\Temperature;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\Route;
use JadeLedger\Core\Walk\Visit;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Time on foot, and what a state allows. Common practice, no source. */
final class WaysAndStatesTest extends TestCase
{
    /** Along the way round the steps add up to the way from the first stop to the last; another state begins anew. */
    public function test_the_time_on_foot_is_the_way_from_the_first_to_the_last_stop_of_each_state(): void
    {
        $catalogue = RealCatalogue::get();
        $whole = (new PlanWalk($catalogue))->for($catalogue->model('dromvik_14c'), Movement::Checkout);
        $route = Route::round($catalogue->family('tracked_excavator'), Corner::FrontLeft, Turn::Clockwise);
        $visits = array_values(array_filter(
            $whole->visits,
            static fn (Visit $visit): bool => $visit->stageId === $whole->visits[0]->stageId,
        ));
        usort($visits, static fn (Visit $a, Visit $b): int => $route->distanceTo($a->station)
            <=> $route->distanceTo($b->station));
        self::assertGreaterThan(3, count($visits));
        $first = $route->distanceTo($visits[0]->station);
        $last = $route->distanceTo($visits[count($visits) - 1]->station);
        $seconds = static fn (array $of): int => (new WalkPlan(Movement::Checkout, $route, [], $of))->secondsOnFoot();

        // 90 cm a second.
        self::assertSame((int) round(($last - $first) / 90), $seconds($visits));
        $other = array_map(
            static fn (Visit $one): Visit => new Visit($one->number, 'another', $one->station, $one->lines),
            $visits,
        );
        self::assertEqualsWithDelta(2 * $seconds($visits), $seconds([...$visits, ...$other]), 1);
        self::assertSame(0, $seconds([$visits[2]]));
    }

    #[TestWith([Key::Out, Engine::Stopped, true])]
    #[TestWith([Key::Out, Engine::Idle, false])]
    #[TestWith([Key::Run, Engine::Stopped, false])]
    public function test_hands_go_in_only_with_the_key_out_and_the_engine_stopped(
        Key $key,
        Engine $engine,
        bool $allowed,
    ): void {
        $state = new MachineState(
            Isolator::Off, $key, $engine, Temperature::Cold, ParkBrake::Applied, Posture::Lowered,
            Articulation::Locked, Pressure::Held, Area::AsFound, Helper::None, Controls::Nowhere, Axles::In,
        );

        self::assertSame($allowed, $state->allowsHandsIn());
    }

    public function test_a_stop_weighs_most_then_attention_then_an_open_line_then_what_stands(): void
    {
        $order = [Outcome::Stands, Outcome::Stop, Outcome::Open, Outcome::Attend];
        usort($order, static fn (Outcome $a, Outcome $b): int => $b->weight() <=> $a->weight());

        self::assertSame([Outcome::Stop, Outcome::Attend, Outcome::Open, Outcome::Stands], $order);
        self::assertCount(4, array_unique(array_map(static fn (Outcome $one): int => $one->weight(), $order)));
    }
}
