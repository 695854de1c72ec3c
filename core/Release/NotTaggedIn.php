<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

/** Why a tag does not come off yet. */
enum NotTaggedIn: string
{
    case NotRepaired = 'not_repaired';
    /** Who mended it does not say that it is mended. */
    case RepairedByTheSame = 'repaired_by_the_same';
    case SomethingStops = 'something_stops';
    case LinesAreDue = 'lines_are_due';
}
