<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

/** Whether what is asked of a machine is within its limits. */
enum Fits: string
{
    case Within = 'within';
    case Beyond = 'beyond';
    /** A figure to keep to; nothing to hold against it was entered. */
    case Told = 'told';

    public static function when(bool $holds): self
    {
        return $holds ? self::Within : self::Beyond;
    }
}
