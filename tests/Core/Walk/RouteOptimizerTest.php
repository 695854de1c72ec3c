<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\ExactRound;
use Tests\Support\RandomRound;

final class RouteOptimizerTest extends TestCase
{
    /** The optimum comes from a method outside the project: Held and Karp, 1962. */
    #[TestWith([4, 60], 'four stations')]
    #[TestWith([7, 60], 'seven')]
    #[TestWith([9, 25], 'nine')]
    #[TestWith([12, 3], 'twelve')]
    public function test_the_way_is_within_three_percent_of_the_shortest_on_average_and_never_more_than_ten_above(int $stations, int $machines): void
    {
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
