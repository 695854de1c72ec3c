<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Walk\Route;
use JadeLedger\Core\Walk\RouteOptimizer;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\ExactRound;
use Tests\Support\RandomRound;
use Tests\Support\RealCatalogue;

final class RouteOptimizerTest extends TestCase
{
    /** Up to nine it is the shortest itself: Held and Karp, 1962, a method outside the project. */
    #[TestWith([3, 40], 'three stations')]
    #[TestWith([4, 60], 'four')]
    #[TestWith([7, 60], 'seven')]
    #[TestWith([9, 25], 'nine')]
    public function test_the_way_round_a_few_stations_is_the_shortest(int $stations, int $machines): void
    {
        for ($seed = 1; $seed <= $machines; $seed++) {
            $gap = RandomRound::of($stations, $stations * 1000 + $seed)->gap();
            self::assertEqualsWithDelta(0.0, $gap, 1e-9, "machine {$seed}");
        }
    }

    /** A step against the way round counts as two: it is walked backwards only where that saves a third. */
    public function test_steps_are_counted_along_the_way_round_and_double_against_it(): void
    {
        $catalogue = RealCatalogue::get();
        $route = Route::round($catalogue->family('pallet_truck'), Corner::FrontRight, Turn::Clockwise);
        $shorten = new RouteOptimizer($route);
        $round = $route->length;

        self::assertSame(0.0, $shorten->steps(50.0, 50.0));
        self::assertSame(100.0, $shorten->steps(50.0, 150.0));
        self::assertEqualsWithDelta(200.0, $shorten->steps(150.0, 50.0), 1e-9, 'a hundred back');
        self::assertEqualsWithDelta(100.0, $shorten->steps($round - 50.0, 50.0), 1e-9, 'over the beginning');
        self::assertEqualsWithDelta(200.0, $shorten->steps(50.0, $round - 50.0), 1e-9, 'and back over it');
    }

    /**
     * A routine is the point: a machine is walked in the order in which it was walked by the release before. Whoever
     * finds a better way writes these down anew, and says so in the changelog.
     */
    public function test_the_same_machine_is_walked_in_the_same_order_by_every_release(): void
    {
        $ways = [];
        for ($seed = 1; $seed <= 60; $seed++) {
            $ways[] = implode(' ', RandomRound::of(12, 7000 + $seed)->way);
        }

        self::assertSame('s7 s1 s2 s0 s8 s5 s3 s11 s9 s6 s10 s4', $ways[0], 'the first of them');
        self::assertSame(
            'a3f761107f346cdb97e859715003571a6e0e499a794cec87a4d33e79b6ad1f00',
            hash('sha256', implode("\n", $ways)),
        );
    }

    #[TestWith([12, 3], 'twelve')]
    public function test_the_way_is_within_three_percent_of_the_shortest_on_average_and_never_more_than_ten_above(
        int $stations,
        int $machines,
    ): void {
        $gaps = [];
        for ($seed = 1; $seed <= $machines; $seed++) {
            $round = RandomRound::of($stations, $stations * 1000 + $seed);
            self::assertGreaterThanOrEqual(-1e-9, $round->gap(), 'nothing is shorter than the shortest');
            $gaps[] = $round->gap();
        }

        self::assertLessThanOrEqual(0.03, array_sum($gaps) / count($gaps));
        self::assertLessThanOrEqual(0.10, max($gaps));
    }

    /** Four towns on a line at 0, 1, 2 and 3: seen by eye, the shortest way from 0 is 3; when 1 waits for 3 it is 5. */
    public function test_the_exact_method_itself_finds_what_is_seen_by_eye(): void
    {
        $steps = [[0.0, 1.0, 2.0, 3.0], [1.0, 0.0, 1.0, 2.0], [2.0, 1.0, 0.0, 1.0], [3.0, 2.0, 1.0, 0.0]];

        self::assertSame(3.0, (new ExactRound($steps, $steps[0], [0, 0, 0, 0]))->length());
        self::assertSame(5.0, (new ExactRound($steps, $steps[0], [0, 0b1000, 0, 0]))->length());
    }
}
