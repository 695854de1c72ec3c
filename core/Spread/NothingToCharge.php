<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class NothingToCharge extends Refused
{
    public static function atAll(): self
    {
        return new self(
            'That charges nothing. Type what is charged, or leave the amount empty.',
            new Sentence('nothing_to_charge'),
        );
    }
}
