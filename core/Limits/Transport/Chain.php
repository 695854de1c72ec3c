<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Working load limits of chains by size and grade. An unmarked chain counts as grade 30; a limit that is marked on the
 * tiedown wins. Source: 49 CFR 393.108; grades 30 and 43 from memory, to be confirmed.
 */
enum Chain: int
{
    case Grade30 = 30;
    case Grade43 = 43;
    case Grade70 = 70;
    case Grade80 = 80;
    case Grade100 = 100;

    /** Pounds by the size in inches, for grades 30, 43, 70, 80 and 100. */
    private const POUNDS = [
        '1/4' => [1300, 2600, 3150, 3500, 4300],
        '5/16' => [1900, 3900, 4700, 4500, 5700],
        '3/8' => [2650, 5400, 6600, 7100, 8800],
        '7/16' => [3500, 7200, 8750, null, null],
        '1/2' => [4500, 9200, 11300, 12000, 15000],
        '5/8' => [6900, 13000, 15800, 18100, 22600],
    ];

    /**
     * @param string $size in inches, as a fraction
     * @return Quantity|null none where the table has no such chain
     */
    public function limit(string $size): ?Quantity
    {
        $column = array_search($this, self::cases(), true);
        $pounds = self::POUNDS[$size][$column] ?? null;

        return $pounds === null ? null : Quantity::of($pounds, Unit::Pound);
    }
}
