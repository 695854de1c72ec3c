<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class NothingRan extends Refused
{
    public static function atAll(): self
    {
        return new self(
            'An average wants a time in which something ran. Name a load and how long it runs.',
            new Sentence('nothing_ran'),
        );
    }
}
