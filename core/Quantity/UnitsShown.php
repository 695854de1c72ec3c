<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use Brick\Math\RoundingMode;

/**
 * How figures are written for somebody: in the units of the plates, in US customary ones, or in both, one of them
 * first.
 */
enum UnitsShown: string
{
    case Si = 'si';
    case Us = 'us';
    case SiFirst = 'si_first';
    case UsFirst = 'us_first';

    public static function asTheYardReads(UnitSchool $school): self
    {
        return match ($school) {
            UnitSchool::Si => self::Si,
            UnitSchool::UsFirst => self::UsFirst,
            UnitSchool::UsBeside => self::SiFirst,
        };
    }

    /** Whether the customary unit stands first. */
    public function readsCustomary(): bool
    {
        return $this === self::Us || $this === self::UsFirst;
    }

    /** What has no US customary unit, an hour or a volt, is written as it is. */
    public function write(Quantity $figure): string
    {
        $own = self::figure($figure->text(), $figure->unit);
        $customary = $figure->unit->customary();
        if ($customary === null || $this === self::Si) {
            return $own;
        }
        $other = self::figure(
            (string) $figure->in($customary)->decimal(self::places($figure, $customary), RoundingMode::HALF_UP),
            $customary,
        );

        return match ($this) {
            self::Us => $other,
            self::SiFirst => "{$own} ({$other})",
            self::UsFirst => "{$other} ({$own})",
        };
    }

    /**
     * Decimals that a unit needs more than the one it is converted from, so that no step of an instrument is lost;
     * less than none
     * where it is the finer of the two. From memory, to be confirmed: NIST SP 811, B.7.2, rounding converted values.
     */
    public static function placesAdded(Unit $from, Unit $to): int
    {
        $step = Quantity::of(1, $from)
            ->in($to)
            ->minus(Quantity::zero($from)->in($to))
            ->decimal(9, RoundingMode::HALF_UP)
            ->toFloat();

        return (int) ceil(-log10($step) - 1e-9);
    }

    private static function places(Quantity $figure, Unit $customary): int
    {
        return max(
            0,
            strlen(substr((string) strrchr($figure->text(), '.'), 1)) + self::placesAdded($figure->unit, $customary),
        );
    }

    private static function figure(string $text, Unit $unit): string
    {
        return rtrim("{$text} {$unit->symbol()}");
    }
}
