<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use Brick\Math\BigRational;

/** Between which viscosities a grade of oil lies at 40 °C, in mm²/s. Source: ISO 3448. */
final readonly class ViscosityGrade
{
    public BigRational $least;

    public BigRational $most;

    public function __construct(int $grade)
    {
        $this->least = BigRational::of($grade)->multipliedBy('9/10')->simplified();
        $this->most = BigRational::of($grade)->multipliedBy('11/10')->simplified();
    }
}
