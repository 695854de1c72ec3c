<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\Circuit;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\RouteStop;
use JadeLedger\Core\Walk\Visit;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** One loop round the machine, or one on each level. Common practice, no source. */
final class CircuitTest extends TestCase
{
    public function test_no_stop_is_lost_each_loop_is_one_level_and_the_next_is_another(): void
    {
        $cuts = 0;
        foreach (RealCatalogue::get()->models as $model) {
            $stops = array_map(
                static fn (Visit $visit): RouteStop => new RouteStop($visit->station, $visit->lines),
                (new PlanWalk(RealCatalogue::get()))->for($model, Movement::Checkout)->visits,
            );
            $rounds = Circuit::ByLevels->rounds($stops);

            self::assertSame($stops, array_merge(...$rounds));
            $before = null;
            foreach ($rounds as $round) {
                $levels = array_values(array_unique(array_map(
                    static fn (RouteStop $stop): int => Circuit::ByLevels->loopOf($stop->station),
                    array_filter($round, static fn (RouteStop $stop): bool => $stop->station->standing
                        !== StationKind::Seat),
                )));
                self::assertLessThanOrEqual(1, count($levels), $model->id);
                if ($levels !== []) {
                    self::assertNotSame($before, $levels[0], "{$model->id}: two loops of one level are one");
                    $before = $levels[0];
                }
            }
            $cuts += count($rounds) - 1;
            self::assertCount(1, Circuit::Single->rounds($stops));
        }
        self::assertGreaterThan(10, $cuts, 'some machines are walked on several levels');
    }

    public function test_nothing_to_walk_is_no_loop(): void
    {
        self::assertSame([], Circuit::ByLevels->rounds([]));
    }
}
