<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class HireEndsBeforeItBegins extends Refused
{
    public static function always(): self
    {
        return new self(
            'The hire ends before it begins. Look at both times.',
            new Sentence('hire_ends_first'),
        );
    }
}
