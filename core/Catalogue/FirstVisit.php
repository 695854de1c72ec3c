<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** Which visit of a walk comes first, where the maker's design leaves the choice. */
enum FirstVisit: string
{
    /** Key and isolator out before anything is touched. */
    case KeyOut = 'key_out';
    /** A short visit with the key on first, to read displays and open powered hoods. */
    case KeyOn = 'key_on';

    /**
     * @param list<Stage> $stages
     * @return list<Stage> with the visit with the key on right behind the approach, where that is the rule
     */
    public function order(array $stages): array
    {
        if ($this === self::KeyOut) {
            return $stages;
        }
        $keyOn = array_values(
            array_filter($stages, static fn (Stage $stage): bool => $stage->state->hazardLevel() === 1),
        );

        $others = array_values(
            array_filter($stages, static fn (Stage $stage): bool => ! in_array($stage, $keyOn, true)),
        );

        return [...array_slice($others, 0, 1), ...$keyOn, ...array_slice($others, 1)];
    }
}
