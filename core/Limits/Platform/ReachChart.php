<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Where the basket of a platform may be, as a closed line through points of the maker's manual, seen from the side.
 *
 * A point on the line is inside. Source: geometry; the line itself is the maker's.
 */
final readonly class ReachChart
{
    /** @param  non-empty-list<ReachPoint>  $edge in order, either way round */
    private function __construct(public array $edge)
    {
    }

    /**
     * @param list<ReachPoint> $edge
     *
     * @throws ChartIsNoArea when the points are fewer than three, enclose nothing, or their line crosses itself
     */
    public static function through(array $edge): self
    {
        if (count($edge) < 3) {
            throw ChartIsNoArea::tooFew(count($edge));
        }
        $corners = array_map(self::pair(...), $edge);
        $count = count($corners);
        $area = 0.0;
        foreach ($corners as $at => $corner) {
            $next = $corners[($at + 1) % $count];
            $area += $corner[0] * $next[1] - $next[0] * $corner[1];
            for ($other = $at + 2; $other < $count; $other++) {
                $isNeighbour = $at === 0 && $other === $count - 1;
                if (! $isNeighbour && self::cross($corner, $next, $corners[$other], $corners[($other + 1) % $count])) {
                    throw ChartIsNoArea::crosses($at + 1, $other + 1);
                }
            }
        }
        if (abs($area) < 0.02) {
            throw ChartIsNoArea::empty();
        }

        return new self($edge);
    }

    /** The highest of its points. */
    public function top(): Quantity
    {
        $top = $this->edge[0]->up;
        foreach ($this->edge as $point) {
            $top = $point->up->isGreaterThan($top) ? $point->up : $top;
        }

        return $top->in(Unit::Metre);
    }

    public function contains(ReachPoint $point): bool
    {
        return $this->distance($point) === 0.0 || $this->isWithin(self::pair($point));
    }

    /** From a point to the nearest of the line: what there is to spare inside, and by how much it is over outside. */
    public function fromTheEdge(ReachPoint $point): Quantity
    {
        return Figure::of($this->distance($point), Unit::Metre);
    }

    /** The part of it below a height: what is left where the platform may not go higher. */
    public function below(Quantity $height): ?self
    {
        $most = Figure::float($height, Unit::Metre);
        $kept = [];
        $count = count($this->edge);
        foreach ($this->edge as $at => $point) {
            [$from, $to] = [self::pair($point), self::pair($this->edge[($at + 1) % $count])];
            if ($from[1] <= $most) {
                $kept[] = $point;
            }
            if (($from[1] - $most) * ($to[1] - $most) < 0) {
                $share = ($most - $from[1]) / ($to[1] - $from[1]);
                $kept[] = new ReachPoint(Figure::of($from[0] + $share * ($to[0] - $from[0]), Unit::Metre), $height);
            }
        }
        try {
            return self::through($kept);
        } catch (ChartIsNoArea) {
            return null;
        }
    }

    /** @param  array{float, float}  $point */
    private function isWithin(array $point): bool
    {
        $inside = false;
        $corners = array_map(self::pair(...), $this->edge);
        $before = $corners[count($corners) - 1];
        foreach ($corners as $corner) {
            [$isAbove, $wasAbove] = [$corner[1] > $point[1], $before[1] > $point[1]];
            if ($isAbove !== $wasAbove) {
                $share = ($point[1] - $corner[1]) / ($before[1] - $corner[1]);
                $inside = $point[0] < $corner[0] + $share * ($before[0] - $corner[0]) ? ! $inside : $inside;
            }
            $before = $corner;
        }

        return $inside;
    }

    private function distance(ReachPoint $point): float
    {
        [$x, $y] = self::pair($point);
        $least = INF;
        $corners = array_map(self::pair(...), $this->edge);
        $before = $corners[count($corners) - 1];
        foreach ($corners as $corner) {
            [$dx, $dy] = [$corner[0] - $before[0], $corner[1] - $before[1]];
            $length = $dx * $dx + $dy * $dy;
            $share = $length > 0.0 ? (($x - $before[0]) * $dx + ($y - $before[1]) * $dy) / $length : 0.0;
            $share = max(0.0, min(1.0, $share));
            $least = min($least, hypot($x - $before[0] - $share * $dx, $y - $before[1] - $share * $dy));
            $before = $corner;
        }

        return $least < 1e-9 ? 0.0 : $least;
    }

    /** @return array{float, float} metres out and up */
    private static function pair(ReachPoint $point): array
    {
        return [Figure::float($point->out, Unit::Metre), Figure::float($point->up, Unit::Metre)];
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     * @param array{float, float} $d
     */
    private static function cross(array $a, array $b, array $c, array $d): bool
    {
        return self::side($a, $b, $c) * self::side($a, $b, $d) < 0 &&
            self::side($c, $d, $a) * self::side($c, $d, $b) < 0;
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $point
     */
    private static function side(array $a, array $b, array $point): float
    {
        return ($b[0] - $a[0]) * ($point[1] - $a[1]) - ($b[1] - $a[1]) * ($point[0] - $a[0]);
    }
}
