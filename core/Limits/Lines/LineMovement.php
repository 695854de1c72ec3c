<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

/** What a machine does near a line. */
enum LineMovement
{
    case AtWork;
    /** Travelling with boom or mast lowered and without a load. */
    case InTransit;
}
