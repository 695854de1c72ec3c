<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** Whose duty a point is while the machine is on hire. */
enum DoneBy: string
{
    case Yard = 'yard';
    /** Daily grease, levels, drains: on the list that the hirer is given. */
    case Hirer = 'hirer';
}
