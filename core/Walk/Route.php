<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\Point;
use JadeLedger\Core\Catalogue\Station;
use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Catalogue\Turn;

/**
 * The path round one machine: a rectangle clear of it, from the start corner once round, and then to the seat.
 */
final readonly class Route
{
    /** How far from the machine the feet stay, in centimetres. Common practice, no source. */
    public const CLEARANCE = 50.0;

    /** @param  list<Point>  $corners in walking order, the start corner first and last */
    private function __construct(public Point $start, public array $corners, public float $length)
    {
    }

    public static function round(Family $family, Corner $from, Turn $turn): self
    {
        $box = $family->outline->widenedBy(self::CLEARANCE);
        // Front to the left and the left-hand side at the foot: clockwise runs front left, front right, rear right,
        // rear left.
        $order = [Corner::FrontLeft, Corner::FrontRight, Corner::RearRight, Corner::RearLeft];
        if ($turn === Turn::CounterClockwise) {
            $order = array_reverse($order);
        }
        $first = (int) array_search($from, $order, true);
        $corners = [];
        $length = 0.0;
        for ($i = 0; $i <= 4; $i++) {
            $corner = $order[($first + $i) % 4]->of($box);
            $length += $i === 0 ? 0.0 : $corners[$i - 1]->distanceTo($corner);
            $corners[] = $corner;
        }

        return new self($corners[0], $corners, $length);
    }

    /** Centimetres walked from the start corner to the spot on the path that is nearest to the station. */
    public function distanceTo(Station $station): float
    {
        return match ($station->standing) {
            StationKind::StartCorner => 0.0,
            StationKind::Seat => $this->length,
            StationKind::Beside => $this->distanceToSpot($station->stands ?? $station->shows),
        };
    }

    /** The spot on the path that is nearest to the station, in centimetres from the start corner; of the seat too. */
    public function spotOf(Station $station): float
    {
        return $station->standing === StationKind::StartCorner
            ? 0.0
            : $this->distanceToSpot($station->stands ?? $station->shows);
    }

    /** Centimetres from the start corner to where the path comes nearest to a spot. */
    public function distanceToSpot(Point $spot): float
    {
        $best = INF;
        $at = 0.0;
        $walked = 0.0;
        for ($i = 1; $i < count($this->corners); $i++) {
            [$from, $to] = [$this->corners[$i - 1], $this->corners[$i]];
            $leg = $from->distanceTo($to);
            $share = self::projection($spot, $from, $to, $leg);
            $foot = new Point($from->x + ($to->x - $from->x) * $share, $from->y + ($to->y - $from->y) * $share);
            $off = $foot->distanceTo($spot);
            if ($off < $best - 0.001) {
                [$best, $at] = [$off, $walked + $leg * $share];
            }
            $walked += $leg;
        }

        return $at;
    }

    private static function projection(Point $point, Point $from, Point $to, float $leg): float
    {
        if ($leg === 0.0) {
            return 0.0;
        }
        $dot = ($point->x - $from->x) * ($to->x - $from->x) + ($point->y - $from->y) * ($to->y - $from->y);

        return max(0.0, min(1.0, $dot / ($leg * $leg)));
    }
}
