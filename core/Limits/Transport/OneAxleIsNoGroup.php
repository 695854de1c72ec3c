<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class OneAxleIsNoGroup extends Refused
{
    public static function count(int $axles): self
    {
        return new self(
            "The formula is for a group of at least two axles; this one has {$axles}.",
            new Sentence('one_axle', ['axles' => (string) $axles]),
        );
    }
}
