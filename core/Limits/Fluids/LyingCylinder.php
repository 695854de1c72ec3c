<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** What is in a lying cylinder by the depth of the liquid. Source: geometry, segment of a circle. */
final readonly class LyingCylinder
{
    public function __construct(private Quantity $diameter, private Quantity $length)
    {
    }

    public function volumeAt(Quantity $depth): Quantity
    {
        $cubicMetres =
            ((M_PI * Figure::float($this->diameter, Unit::Metre) ** 2) / 4) * Figure::float($this->length, Unit::Metre);

        return Figure::of($cubicMetres * $this->shareAt($depth) * 1000, Unit::Litre);
    }

    /** Between 0 and 1. */
    public function shareAt(Quantity $depth): float
    {
        $radius = Figure::float($this->diameter, Unit::Metre) / 2;
        $deep = max(0.0, min(2 * $radius, Figure::float($depth, Unit::Metre)));
        $half = sqrt(max(0.0, 2 * $radius * $deep - $deep ** 2));

        return ($radius ** 2 * acos(($radius - $deep) / $radius) - ($radius - $deep) * $half) / (M_PI * $radius ** 2);
    }
}
