<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class UnitsDoNotMatch extends Refused
{
    public static function between(Unit $left, Unit $right): self
    {
        return new self(
            "A value in {$left->value} cannot be expressed in {$right->value}: they measure different things.",
            new Sentence('units_differ', ['left' => $left->value, 'right' => $right->value]),
        );
    }
}
