<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** The frame joint of an articulated machine. */
enum Articulation: string implements Aspect
{
    case Locked = 'locked';
    case Free = 'free';
}
