<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Refusal;

final class OneAxleIsNoGroup extends \DomainException implements Refusal
{
    public static function count(int $axles): self
    {
        return new self("The formula is for a group of at least two axles; this one has {$axles}.");
    }
}
