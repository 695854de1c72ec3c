<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\StationKind;

/**
 * Shortens the way through the stops of one stage without putting a line before one that it waits for.
 *
 * The round as it is walked by habit stays where nothing is saved, for a routine makes a change visible. Otherwise the
 * stops are put together one by one, the most promising beginnings kept at each length, and what comes of it is
 * polished
 * by moving and turning parts while that saves steps. The seat, where there is one, stays last.
 */
final readonly class RouteOptimizer
{
    /** A step against the yard's way round counts as two: the habit is worth something. */
    private const REVERSE_PENALTY = 2.0;

    /** How many beginnings of the same length are followed. */
    private const BEAM_WIDTH = 48;

    /** Less than this is no shorter way, in centimetres. */
    private const WORTH_IT = 1.0;

    /** The corner where a round begins stands before all stops. */
    private const START = -1;

    public function __construct(private Route $route)
    {
    }

    /**
     * @param list<RouteStop> $stops
     * @return list<RouteStop>
     */
    public function of(array $stops): array
    {
        if (count($stops) < 3) {
            return $stops;
        }
        [$ways, $before] = [$this->ways($stops), $this->before($stops)];
        $habit = range(0, count($stops) - 1);
        $built = $this->improve($this->build($ways, $before), $ways, $before);
        $order = $this->lengthOf($built, $ways) < $this->lengthOf($habit, $ways) - self::WORTH_IT ? $built : $habit;

        return $this->joined(array_map(static fn (int $at): RouteStop => $stops[$at], $order));
    }

    /** @param  list<RouteStop>  $stops */
    public function length(array $stops): float
    {
        return $this->lengthOf(array_keys($stops), $this->ways($stops));
    }

    /**
     * @param array<int, list<float>> $ways
     * @param list<array<int, true>> $before
     * @return list<int>
     */
    private function build(array $ways, array $before): array
    {
        $count = count($before);
        $waits = array_map(
            static fn (array $stops): int => array_sum(
                array_map(static fn (int $stop): int => 1 << $stop, array_keys($stops)),
            ),
            $before,
        );
        // Of the beginnings with the same stops and the same last one, only the shortest is worth keeping.
        $beginnings = [[0, 0.0, 0.0, []]];
        for ($size = 0; $size < $count; $size++) {
            $longer = [];
            foreach ($beginnings as [$set, $length, , $order]) {
                $at = $order === [] ? self::START : $order[$size - 1];
                for ($next = 0; $next < $count; $next++) {
                    if (($set & 1 << $next) !== 0 || ($waits[$next] & ~$set) !== 0) {
                        continue;
                    }
                    $grown = $set | 1 << $next;
                    $walked = $length + $ways[$at][$next];
                    $key = $grown * 64 + $next;
                    if (! isset($longer[$key]) || $walked < $longer[$key][1]) {
                        $longer[$key] = [
                            $grown,
                            $walked,
                            $walked + self::atLeast($grown, $ways[$next]),
                            [...$order, $next],
                        ];
                    }
                }
            }
            usort($longer, static fn (array $a, array $b): int => [$a[2], $a[1]] <=> [$b[2], $b[1]]);
            $beginnings = array_slice($longer, 0, self::BEAM_WIDTH);
        }

        return $beginnings[0][3];
    }

    /**
     * What the stops that are left will cost at the least: the way to the one that is hardest to reach.
     *
     * @param list<float> $ways from the last stop to each
     */
    private static function atLeast(int $set, array $ways): float
    {
        $most = 0.0;
        foreach ($ways as $stop => $way) {
            if ($way > $most && ($set & 1 << $stop) === 0) {
                $most = $way;
            }
        }

        return $most;
    }

    /**
     * @param list<int> $order
     * @param array<int, list<float>> $ways
     * @param list<array<int, true>> $before
     * @return list<int>
     */
    private function improve(array $order, array $ways, array $before): array
    {
        $best = $this->lengthOf($order, $ways);
        do {
            $found = null;
            foreach ($this->neighbours($order) as $candidate) {
                $length = $this->lengthOf($candidate, $ways);
                if ($length < $best - self::WORTH_IT && $this->isAllowed($candidate, $before)) {
                    [$best, $found] = [$length, $candidate];
                }
            }
            $order = $found ?? $order;
        } while ($found !== null);

        return $order;
    }

    /**
     * @param list<int> $order
     * @return iterable<list<int>> the orders that differ by one part that was moved or turned round
     */
    private function neighbours(array $order): iterable
    {
        $count = count($order);
        for ($from = 0; $from < $count; $from++) {
            for ($to = $from + 1; $to < $count; $to++) {
                yield [
                    ...array_slice($order, 0, $from),
                    ...array_reverse(array_slice($order, $from, $to - $from + 1)),
                    ...array_slice($order, $to + 1),
                ];
            }
            for ($size = 1; $size <= min(3, $count - $from); $size++) {
                $part = array_slice($order, $from, $size);
                $rest = [...array_slice($order, 0, $from), ...array_slice($order, $from + $size)];
                for ($to = 0; $to <= count($rest); $to++) {
                    if ($to !== $from) {
                        yield [...array_slice($rest, 0, $to), ...$part, ...array_slice($rest, $to)];
                    }
                }
            }
        }
    }

    /**
     * @param list<int> $order
     * @param array<int, list<float>> $ways
     */
    private function lengthOf(array $order, array $ways): float
    {
        $length = 0.0;
        $at = self::START;
        foreach ($order as $stop) {
            $length += $ways[$at][$stop];
            $at = $stop;
        }

        return $length;
    }

    /** Centimetres from one spot of the round to another, those against the way round counted double. */
    public function steps(float $from, float $to): float
    {
        $ahead = fmod($to - $from + $this->route->length, $this->route->length);

        return min($ahead, self::REVERSE_PENALTY * ($this->route->length - $ahead));
    }

    /**
     * @param list<int> $order
     * @param list<array<int, true>> $before the stops that each one waits for
     */
    private function isAllowed(array $order, array $before): bool
    {
        $done = [];
        foreach ($order as $stop) {
            if (array_diff_key($before[$stop], $done) !== []) {
                return false;
            }
            $done[$stop] = true;
        }

        return true;
    }

    /**
     * Each way is asked for thousands of times, so all are measured once.
     *
     * @param list<RouteStop> $stops
     * @return array<int, list<float>> centimetres from each stop, and from the START corner, to each
     */
    private function ways(array $stops): array
    {
        $spots = array_map(fn (RouteStop $stop): float => $this->route->spotOf($stop->station), $stops);
        $from = fn (float $spot): array => array_map(fn (float $to): float => $this->steps($spot, $to), $spots);

        return [self::START => $from(0.0)] + array_map($from, $spots);
    }

    /**
     * @param list<RouteStop> $stops
     * @return list<array<int, true>>
     */
    private function before(array $stops): array
    {
        $stopsOf = [];
        foreach ($stops as $at => $stop) {
            foreach ($stop->lines as $line) {
                $stopsOf[$line->check->id][] = $at;
            }
        }
        $before = [];
        foreach ($stops as $at => $stop) {
            $before[$at] = [];
            foreach ($stop->lines as $line) {
                foreach ($line->check->after as $other) {
                    $before[$at] += array_fill_keys(array_diff($stopsOf[$other] ?? [], [$at]), true);
                }
            }
        }

        return $this->pinned($stops, array_values($before));
    }

    /**
     * @param list<RouteStop> $stops
     * @param list<array<int, true>> $before
     * @return list<array<int, true>> with the seat behind all that comes before it by habit, and the papers ahead of all that follow
     */
    private function pinned(array $stops, array $before): array
    {
        foreach ($stops as $at => $stop) {
            if ($stop->station->standing === StationKind::Seat) {
                $before[$at] += array_fill_keys(array_keys(array_slice($stops, 0, $at)), true);
            }
            if ($at > 0 && $stops[0]->station->standing === StationKind::StartCorner) {
                $before[$at] += [0 => true];
            }
        }

        return $before;
    }

    /**
     * Two stops that have come to lie side by side at one station are one.
     *
     * @param list<RouteStop> $stops
     * @return list<RouteStop>
     */
    private function joined(array $stops): array
    {
        $joined = [];
        foreach ($stops as $stop) {
            $last = array_key_last($joined);
            if ($last !== null && $joined[$last]->station === $stop->station) {
                $joined[$last] = new RouteStop($stop->station, [...$joined[$last]->lines, ...$stop->lines]);
            } else {
                $joined[] = $stop;
            }
        }

        return $joined;
    }
}
