<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** What an instrument with a scale is drawn as. */
enum Drawn: string
{
    /** A rule or a calliper beside what is measured. */
    case Rule = 'rule';
    /** A round gauge with a needle. */
    case Dial = 'dial';
    /** A stopwatch. */
    case Watch = 'watch';
    /** A stopwatch that stops by itself at the end of the band: nothing is held longer than that. */
    case Hold = 'hold';
}
