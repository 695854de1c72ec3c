<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;

/**
 * A reading that is taken at several points of one thing, such as the cells of a battery, and judged by the worst of
 * them.
 */
interface ReadAtPoints extends ScaleReading
{
    /** How many figures there are. */
    public function points(): int;

    /** @param  non-empty-list<Quantity>  $figures */
    public function worst(array $figures): Quantity;
}
