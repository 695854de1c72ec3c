<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Refusal;

final class UnitsDoNotMatch extends \DomainException implements Refusal
{
    public static function between(Unit $left, Unit $right): self
    {
        return new self(
            "A value in {$left->value} cannot be expressed in {$right->value}: they measure different things.",
        );
    }
}
