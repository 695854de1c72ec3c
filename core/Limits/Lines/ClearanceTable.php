<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Distances from a line by its voltage, of which each row holds up to and with its own. */
final readonly class ClearanceTable
{
    /** @param  non-empty-list<array{string, string}>  $rows kilovolts and distance, rising */
    private function __construct(private array $rows, private Unit $unit)
    {
    }

    /** Source: 29 CFR 1926.1408 Table A. */
    public static function lifting(): self
    {
        return new self(
            [['50', '10'], ['200', '15'], ['350', '20'], ['500', '25'], ['750', '35'], ['1000', '45']],
            Unit::Foot,
        );
    }

    /** Travelling under a line with the boom down and no load. Source: 29 CFR 1926.1411 Table T. */
    public static function travelling(): self
    {
        return new self([['0.75', '4'], ['50', '6'], ['345', '10'], ['750', '16'], ['1000', '20']], Unit::Foot);
    }

    /** Never to be entered. Source: HSE GS6, 4th edition, from memory, to be confirmed. */
    public static function exclusion(): self
    {
        return new self([['1', '1'], ['33', '3'], ['132', '6'], ['400', '7']], Unit::Metre);
    }

    /** How high lines hang at least at their lowest point. Source: ESQCR 2002 (SI 2002/2665), Schedule 2. */
    public static function heights(): self
    {
        return new self([['33', '5.2'], ['66', '6.0'], ['132', '6.7'], ['275', '7.0'], ['400', '7.3']], Unit::Metre);
    }

    /** The same across a road that vehicles use. */
    public static function heightsOverRoads(): self
    {
        return new self([['33', '5.8'], ['66', '6.0'], ['132', '6.7'], ['275', '7.0'], ['400', '7.3']], Unit::Metre);
    }

    /** @return Quantity|null none where the voltage is beyond the table */
    public function of(Quantity $voltage): ?Quantity
    {
        foreach ($this->rows as [$kilovolts, $distance]) {
            if (! $voltage->isGreaterThan(Quantity::of($kilovolts, Unit::Volt)->times(1000))) {
                return Quantity::of($distance, $this->unit);
            }
        }

        return null;
    }
}
