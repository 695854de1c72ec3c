<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Source\Source;

/** A figure of a model that a step of a function test names: at which angle it halts, how far it may sink. */
final readonly class StatedFigure implements Limits
{
    public function __construct(public Quantity $figure, public Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }
}
