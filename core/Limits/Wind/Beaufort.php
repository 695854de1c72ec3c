<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Wind;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Wind by what one sees of it. Source: WMO code table 1100; mean of ten minutes, at 10 m. A gust is more than the
 * mean: it is the gust that a machine's limit is held against.
 */
enum Beaufort: int
{
    case Calm = 0;
    case LightAir = 1;
    case LightBreeze = 2;
    case GentleBreeze = 3;
    case ModerateBreeze = 4;
    case FreshBreeze = 5;
    case StrongBreeze = 6;
    case NearGale = 7;
    case Gale = 8;
    case StrongGale = 9;
    case Storm = 10;
    case ViolentStorm = 11;
    case Hurricane = 12;

    /** The force of a wind, which is rounded to a tenth of a metre per second before it is looked up. */
    public static function of(Quantity $speed): self
    {
        $tenths = Quantity::of(
            $speed->in(Unit::MetrePerSecond)->decimal(1, RoundingMode::HALF_UP),
            Unit::MetrePerSecond,
        );
        $force = self::Calm;
        foreach (self::cases() as $case) {
            if (! $tenths->isLessThan($case->least())) {
                $force = $case;
            }
        }

        return $force;
    }

    /** The least wind of this force. */
    public function least(): Quantity
    {
        return Quantity::of(
            match ($this) {
                self::Calm => '0',
                self::LightAir => '0.3',
                self::LightBreeze => '1.6',
                self::GentleBreeze => '3.4',
                self::ModerateBreeze => '5.5',
                self::FreshBreeze => '8.0',
                self::StrongBreeze => '10.8',
                self::NearGale => '13.9',
                self::Gale => '17.2',
                self::StrongGale => '20.8',
                self::Storm => '24.5',
                self::ViolentStorm => '28.5',
                self::Hurricane => '32.7',
            },
            Unit::MetrePerSecond,
        );
    }
}
