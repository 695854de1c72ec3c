<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

/** Whether metal parts and earth terminals of a set are joined to its frame. */
enum FrameBond
{
    case Bonded;
    case NotBonded;
}
