<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Station;
use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Equipment\Features;

/** One loop round the machine, or a loop on each level: the ground, the steps, the deck. */
enum Circuit
{
    case Single;
    case ByLevels;

    /** The feature that a house rule gives to machines which are walked by levels. */
    private const BY_LEVELS = 'rule_levels';

    public static function of(Features $features): self
    {
        return $features->has(self::BY_LEVELS) ? self::ByLevels : self::Single;
    }

    /** Which loop a station belongs to; the seat is no loop of its own. */
    public function loopOf(Station $station): int
    {
        return $this === self::Single || $station->standing !== StationKind::Beside ? 0 : $station->level->order();
    }

    /**
     * Cuts the stops of a stage where they come to another loop. The seat closes the loop that it is reached from.
     *
     * @param list<RouteStop> $stops
     * @return list<list<RouteStop>>
     */
    public function rounds(array $stops): array
    {
        $rounds = [];
        $loop = null;
        foreach ($stops as $stop) {
            $of = $stop->station->standing === StationKind::Seat ? $loop : $this->loopOf($stop->station);
            if ($rounds === [] || $of !== $loop) {
                $rounds[] = [];
            }
            $rounds[count($rounds) - 1][] = $stop;
            $loop = $of;
        }

        return $rounds;
    }
}
