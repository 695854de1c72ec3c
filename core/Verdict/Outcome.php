<?php

declare(strict_types=1);

namespace JadeLedger\Core\Verdict;

/** The word of a verdict. */
enum Outcome: string
{
    /** In order; the line is closed. */
    case Stands = 'stands';
    /** Act and read again. */
    case Attend = 'attend';
    /** Not for hire. */
    case Stop = 'stop';
    /** Not yet known. */
    case Open = 'open';

    /** How heavily it weighs beside others: a stop outweighs everything. */
    public function weight(): int
    {
        return match ($this) {
            self::Stop => 3,
            self::Attend => 2,
            self::Open => 1,
            self::Stands => 0,
        };
    }
}
