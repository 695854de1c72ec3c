<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** From where the machine is worked. */
enum Controls: string implements Aspect
{
    case Nowhere = 'nowhere';
    /** The seat, the tiller, or the panel at the ground. */
    case Ground = 'ground';
    case Platform = 'platform';
}
