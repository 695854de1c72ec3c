<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

/** The times that stand on a sheet are the wrong way round. */
final class SheetEndsBeforeItBegins extends Refused
{
    public static function always(): self
    {
        return new self(
            'The sheet ends before it begins. Look at both times.',
            new Sentence('sheet_ends_first'),
        );
    }
}
