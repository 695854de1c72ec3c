<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/** How far a set's frequency droops from no load to full load. Source: ISO 8528-5, from memory, to be confirmed. */
enum PerformanceClass: string
{
    case G1 = 'G1';
    case G2 = 'G2';
    case G3 = 'G3';

    /** Percent of the rated frequency. */
    public static function droop(Quantity $rated, Quantity $atNoLoad): BigRational
    {
        return $atNoLoad->minus($rated)->ratioTo($rated)->multipliedBy(100)->simplified();
    }

    /** The best class that a droop is within; none where it is within none. */
    public static function best(BigRational $droop): ?self
    {
        foreach (array_reverse(self::cases()) as $class) {
            if ($droop->isLessThanOrEqualTo($class->mostDroop())) {
                return $class;
            }
        }

        return null;
    }

    private function mostDroop(): int
    {
        return match ($this) {
            self::G1 => 8,
            self::G2 => 5,
            self::G3 => 3,
        };
    }
}
