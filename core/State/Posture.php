<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** How the machine stands: what is up, and what holds it there. */
enum Posture: string implements Aspect
{
    /** Implement on the ground, boom stowed, platform down. */
    case Lowered = 'lowered';
    /** Functions are live and something moves. */
    case Working = 'working';
    /** The boom or platform of a machine that is driven from up there, up and drawn in. */
    case Raised = 'raised';
    /** The boom level and fully out. */
    case Extended = 'extended';
    /** Carried low for travelling. */
    case Travel = 'travel';
    /** Raised, and held by a mechanical prop that is loaded as intended. */
    case Propped = 'propped';
    /** Forks or deck a little way up so that they can be looked at: nobody reaches under them. */
    case HeldUp = 'held_up';
}
