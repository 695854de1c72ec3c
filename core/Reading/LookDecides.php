<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/**
 * A reading whose figure says nothing without what was seen beside it: it stood still or it moved, it came evenly or
 * in jerks.
 */
interface LookDecides extends ScaleReading
{
}
