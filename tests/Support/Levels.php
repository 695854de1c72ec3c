<?php

declare(strict_types=1);

namespace Tests\Support;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\CountLimits;
use JadeLedger\Core\Reading\Counted\HourMeterLimits;
use JadeLedger\Core\Reading\Fluids\DipstickLimits;
use JadeLedger\Core\Reading\Fluids\Fluid;
use JadeLedger\Core\Reading\Fluids\LevelMarks;
use JadeLedger\Core\Reading\Fluids\Need;
use JadeLedger\Core\Reading\Fluids\SightGlassLimits;
use JadeLedger\Core\Reading\Fluids\TankColumnLimits;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;

/** Instruments of an invented machine. */
final class Levels
{
    public static function maker(): Source
    {
        return new Source(SourceKind::Maker, "maker's manual");
    }

    public static function mm(string $value): Quantity
    {
        return Quantity::of($value, Unit::Millimetre);
    }

    public static function marks(
        string $lowest,
        string $add,
        string $full,
        string $highest,
        Unit $unit = Unit::Millimetre,
    ): LevelMarks {
        return new LevelMarks(
            Quantity::of($lowest, $unit),
            Quantity::of($add, $unit),
            Quantity::of($full, $unit),
            Quantity::of($highest, $unit),
        );
    }

    public static function oil(string $litresPerMillimetre): Fluid
    {
        return new Fluid('ISO 46', Quantity::of($litresPerMillimetre, Unit::Litre), 5);
    }

    public static function glass(): SightGlassLimits
    {
        return new SightGlassLimits(
            self::mm('48'),
            self::marks('0', '24', '36', '48'),
            self::oil('0.061'),
            self::maker(),
        );
    }

    public static function dipstick(): DipstickLimits
    {
        return new DipstickLimits(
            self::marks('-12', '0', '22', '40'),
            self::marks('-6', '6', '30', '46'),
            self::oil('0.16'),
            self::maker(),
        );
    }

    public static function column(Need $need = Need::ToRun): TankColumnLimits
    {
        return new TankColumnLimits(self::marks('0', '14', '36', '60'), self::oil('0.05'), $need, self::maker());
    }

    public static function hourMeter(): HourMeterLimits
    {
        return new HourMeterLimits(5, 1, self::maker());
    }

    public static function keys(int $expected): CountLimits
    {
        return new CountLimits('keys', $expected, self::maker());
    }
}
