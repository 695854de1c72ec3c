<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

enum Decision: string
{
    case Released = 'released';
    case ReleasedWithConditions = 'released_with_conditions';
    case Held = 'held';
    case TaggedOut = 'tagged_out';
}
