<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The shortest way through stops that wait for each other, by looking at every set of stops.
 *
 * Held and Karp, "A Dynamic Programming Approach to Sequencing Problems", 1962, with a stop only added once all that it
 * waits for is in the set. For a dozen stops and no more.
 */
final readonly class ExactRound
{
    /**
     * @param list<list<float>> $steps from each stop to each other
     * @param list<float> $first from where the walk begins to each stop
     * @param list<int> $waitsFor for each stop the set of stops, as bits, that come before it
     */
    public function __construct(private array $steps, private array $first, private array $waitsFor)
    {
    }

    public function length(): float
    {
        $count = count($this->first);
        $best = [];
        for ($set = 1; $set < 1 << $count; $set++) {
            for ($last = 0; $last < $count; $last++) {
                $without = $set & ~(1 << $last);
                if ($without === $set || ($this->waitsFor[$last] & ~$without) !== 0) {
                    continue;
                }
                $shortest = $without === 0 ? $this->first[$last] : INF;
                foreach ($best[$without] ?? [] as $before => $length) {
                    $shortest = min($shortest, $length + $this->steps[$before][$last]);
                }
                if ($shortest < INF) {
                    $best[$set][$last] = $shortest;
                }
            }
        }

        return min($best[(1 << $count) - 1]);
    }
}
