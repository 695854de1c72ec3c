<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use Brick\Math\BigRational;

/**
 * The units that are read in a yard, each with its exact factor to the SI base of its dimension.
 *
 * The angle base is the degree: every plate in the yard is engraved in degrees, and no rule needs the radian.
 * Source of the inch, pound-force, gallon and mile factors: NIST SP 811 Appendix B (exact by definition).
 */
enum Unit: string
{
    case Millimetre = 'mm';
    case Metre = 'm';
    case Inch = 'in';
    case Litre = 'l';
    case CubicMetre = 'm3';
    case GallonUs = 'gal_us';
    case GallonImperial = 'gal_imp';
    case Second = 's';
    case Millisecond = 'ms';
    case Minute = 'min';
    case Hour = 'h';
    case Degree = 'deg';
    case Kelvin = 'K';
    case Celsius = 'degC';
    case Fahrenheit = 'degF';
    case Pascal = 'Pa';
    case Kilopascal = 'kPa';
    case Bar = 'bar';
    case PoundForcePerSquareInch = 'psi';
    case Volt = 'V';
    case Hertz = 'Hz';
    case MetrePerSecond = 'm_s';
    case MilePerHour = 'mph';
    case RevolutionsPerMinute = 'rpm';
    case Milliampere = 'mA';
    case SpecificGravity = 'sg';
    case Percent = 'percent';
    case Piece = 'pcs';

    /**
     * As it is written beside a figure.
     *
     * The capital L, so that nobody reads a one. Source: BIPM SI Brochure, 9th edition, table 8, note on the litre.
     */
    public function symbol(): string
    {
        return match ($this) {
            self::Litre => 'L',
            self::CubicMetre => 'm³',
            self::GallonUs => 'US gal',
            self::GallonImperial => 'imp gal',
            self::Degree => '°',
            self::Celsius => '°C',
            self::Fahrenheit => '°F',
            self::MetrePerSecond => 'm/s',
            self::SpecificGravity => '',
            self::Percent => '%',
            default => $this->value,
        };
    }

    /** @throws UnknownUnit when nothing in the yard is measured in it */
    public static function named(string $symbol): self
    {
        return self::tryFrom($symbol) ?? throw UnknownUnit::named($symbol);
    }

    /** The US customary unit in which the same thing is read; none where there is none. */
    public function customary(): ?self
    {
        return match ($this) {
            self::Millimetre => self::Inch,
            self::Litre => self::GallonUs,
            self::Kilopascal, self::Bar => self::PoundForcePerSquareInch,
            self::Celsius => self::Fahrenheit,
            self::MetrePerSecond => self::MilePerHour,
            default => null,
        };
    }

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Millimetre, self::Metre, self::Inch => Dimension::Length,
            self::Litre, self::CubicMetre, self::GallonUs, self::GallonImperial => Dimension::Volume,
            self::Millisecond, self::Second, self::Minute, self::Hour => Dimension::Time,
            self::Degree => Dimension::Angle,
            self::Kelvin, self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::Pascal, self::Kilopascal, self::Bar, self::PoundForcePerSquareInch => Dimension::Pressure,
            self::Volt => Dimension::Potential,
            self::Hertz => Dimension::Frequency,
            self::RevolutionsPerMinute => Dimension::RotationalSpeed,
            self::MetrePerSecond, self::MilePerHour => Dimension::Speed,
            self::Milliampere => Dimension::Current,
            self::SpecificGravity => Dimension::RelativeDensity,
            self::Percent => Dimension::Share,
            self::Piece => Dimension::Count,
        };
    }

    /** Multiplies a value in this unit into the base of its dimension, before the offset is added. */
    public function factor(): BigRational
    {
        return BigRational::of(match ($this) {
            self::Metre, self::CubicMetre, self::Second, self::Degree, self::Kelvin, self::Celsius, self::Pascal, self::Piece,
            self::Volt, self::Hertz, self::MetrePerSecond, self::SpecificGravity, self::RevolutionsPerMinute => '1',
            self::Millimetre, self::Litre, self::Millisecond, self::Milliampere => '1/1000',
            self::Inch => '254/10000',
            self::GallonUs => '3785411784/1000000000000',
            self::GallonImperial => '454609/100000000',
            self::Minute => '60',
            self::Hour => '3600',
            self::Fahrenheit => '5/9',
            self::Kilopascal => '1000',
            self::Bar => '100000',
            // 0.45359237 kg x 9.80665 m/s2 over one square inch
            self::PoundForcePerSquareInch => '4448221615260500000/645160000000000',
            self::MilePerHour => '44704/100000',
            self::Percent => '1/100',
        });
    }

    /** Added after the factor; only temperatures have one. */
    public function offset(): BigRational
    {
        return BigRational::of(match ($this) {
            self::Celsius => '27315/100',
            self::Fahrenheit => '45967/180',
            default => '0',
        });
    }
}
