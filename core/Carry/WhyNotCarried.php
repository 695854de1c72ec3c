<?php

declare(strict_types=1);

namespace JadeLedger\Core\Carry;

/** Why a line is looked at again. */
enum WhyNotCarried: string
{
    /** The check is asked on each walk, or the house rule carries nothing of its kind. */
    case EachWalk = 'each_walk';
    /** Nobody found it as it should be on the walk before. */
    case NotSeen = 'not_seen';
    case TooLongAgo = 'too_long_ago';
    /** The catalogue asks something else there now. */
    case AnotherCheck = 'another_check';
    /** Something happened to the machine since. */
    case Changed = 'changed';
}
