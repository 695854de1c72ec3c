<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;

/** A figure that is read at both sides of a machine: each is judged by itself, and the two beside each other. */
interface ComparedAcross extends ScaleReading
{
    /** How far the two sides may lie apart. */
    public function mostApart(): Quantity;

    /** The key of the sentence that says that they are too far apart. */
    public function saysApart(): string;
}
