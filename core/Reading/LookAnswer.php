<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** What the eye says of a check that has no instrument. */
enum LookAnswer: string
{
    case AsItShouldBe = 'stands';
    case Amiss = 'amiss';
    case CannotTell = 'cannot_tell';
    /** It was not so, was corrected on the spot and looked at again. */
    case PutRight = 'put_right';
    /** This machine has no such part, whatever its model says. */
    case NotFitted = 'not_fitted';
}
