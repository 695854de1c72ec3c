<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

/** Why a report is put aside for somebody to look at, and not believed. */
enum WhyNotPlaced: string
{
    case UnknownMachine = 'unknown_machine';
    /** Fleet number and serial number belong to different machines. */
    case TwoMachines = 'two_machines';
    case NoHours = 'no_hours';
    case FromTheFuture = 'from_the_future';
    case RanBackwards = 'ran_backwards';
    /** It gained more hours than passed. */
    case GainedTooMuch = 'gained_too_much';
}
