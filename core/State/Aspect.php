<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** One side of a machine's state: its key, its engine, its posture … Each is an enum of what it can be. */
interface Aspect extends \BackedEnum
{
}
