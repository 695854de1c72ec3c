<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\Level;
use JadeLedger\Core\Catalogue\Station;
use JadeLedger\Core\Catalogue\StationKind;

/** Puts the lines of one stage in order: along the route, but never before what they need first. */
final readonly class OrderStage
{
    public function __construct(
        private Family $family,
        private Route $route,
        private Circuit $circuit = Circuit::Single,
    ) {
    }

    /**
     * @param non-empty-list<PlannedLine> $lines
     * @return list<RouteStop>
     */
    public function of(string $stageId, array $lines): array
    {
        $open = $this->sorted($lines);
        $stops = [];
        while ($open !== []) {
            $stop = $this->nextStop($open);
            if ($stop === null) {
                throw NoSafeOrder::among(
                    $stageId,
                    array_map(static fn (PlannedLine $line): string => $line->key, $open),
                );
            }
            $stops[] = $stop;
            $open = array_values(
                array_filter($open, static fn (PlannedLine $line): bool => ! in_array($line, $stop->lines, true)),
            );
        }

        return $stops;
    }

    /**
     * The first station on the way of which at least one line is free, with all its lines that are free by then.
     *
     * @param non-empty-list<PlannedLine> $open
     */
    private function nextStop(array $open): ?RouteStop
    {
        foreach ($open as $candidate) {
            $station = $this->family->stationFor($candidate->place);
            $taken = [];
            do {
                $before = count($taken);
                foreach ($open as $line) {
                    if (
                        $station === $this->family->stationFor($line->place) &&
                        ! in_array($line, $taken, true) &&
                        ! $this->waits($line, $open, $taken)
                    ) {
                        $taken[] = $line;
                    }
                }
            } while (count($taken) > $before);
            if ($taken !== [] && $station !== null) {
                return new RouteStop($station, $taken);
            }
        }

        return null;
    }

    /**
     * @param list<PlannedLine> $open
     * @param list<PlannedLine> $taken
     */
    private function waits(PlannedLine $line, array $open, array $taken): bool
    {
        foreach ($open as $other) {
            if (in_array($other->check->id, $line->check->after, true) && ! in_array($other, $taken, true)) {
                return true;
            }
        }

        return false;
    }

    /** Every loop comes after the whole of the one below it, and the seat after all of them. */
    private function alongTheLoops(Station $station): float
    {
        $loops = $station->standing === StationKind::Seat ? count(Level::cases()) : $this->circuit->loopOf($station);

        return $this->route->distanceTo($station) + $loops * $this->route->length;
    }

    /**
     * @param non-empty-list<PlannedLine> $lines
     * @return non-empty-list<PlannedLine>
     */
    private function sorted(array $lines): array
    {
        $distance = [];
        foreach ($this->family->stations as $station) {
            $distance[$station->id] = $this->alongTheLoops($station);
        }
        $along = fn (PlannedLine $line): float => $distance[$this->family->stationFor($line->place)->id ?? ''] ?? INF;
        // PHP's sort is stable: lines of one station keep the catalogue's order.
        usort($lines, static fn (PlannedLine $a, PlannedLine $b): int => $along($a) <=> $along($b));

        return $lines;
    }
}
