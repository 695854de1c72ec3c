<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Features;

/** Machines that are walked and drawn alike. */
final readonly class Family
{
    /**
     * @param list<Station> $stations
     * @param list<Part> $parts smallest last, so that the last hit is the part that is meant
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $drawing,
        public Features $features,
        public Box $outline,
        public array $stations,
        public array $parts,
    ) {
    }

    public function stationFor(string $place): ?Station
    {
        foreach ($this->stations as $station) {
            if (in_array($place, $station->places, true)) {
                return $station;
            }
        }

        return null;
    }

    /** The smallest part under a point, or nothing when the point is beside the machine. */
    public function partAt(Point $point): ?Part
    {
        $hits = array_filter($this->parts, static fn (Part $part): bool => $part->box->holds($point));
        usort($hits, static fn (Part $a, Part $b): int => $a->box->area() <=> $b->box->area());

        return $hits[0] ?? null;
    }
}
