<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** What the eye says of a check that has no instrument. */
enum LookAnswer: string
{
    case AsItShouldBe = 'stands';
    case Amiss = 'amiss';
    case CannotTell = 'cannot_tell';
}
