<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

use Brick\Math\BigRational;

/**
 * Soils by how steep they stand unsupported in a trench of up to 20 ft; one that nobody has classified counts as the
 * worst. Source: 29 CFR 1926 subpart P, appendix B, table B-1.
 */
enum Soil: string
{
    case StableRock = 'stable_rock';
    case TypeA = 'a';
    case TypeB = 'b';
    case TypeC = 'c';
    case Unknown = 'unknown';

    /** How far the slope runs for each unit of depth. */
    public function run(): BigRational
    {
        return BigRational::of(match ($this) {
            self::StableRock => 0,
            self::TypeA => '3/4',
            self::TypeB => 1,
            self::TypeC, self::Unknown => '3/2',
        });
    }
}
