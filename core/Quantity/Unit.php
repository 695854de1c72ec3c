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
    case Centimetre = 'cm';
    case Foot = 'ft';
    case Yard = 'yd';
    case Mile = 'mi';
    case NauticalMile = 'nmi';
    case Kilometre = 'km';
    case SquareMetre = 'm2';
    case SquareFoot = 'ft2';
    case Acre = 'acre';
    case Hectare = 'ha';
    case CubicInch = 'in3';
    case CubicFoot = 'ft3';
    case CubicYard = 'yd3';
    case QuartUs = 'qt_us';
    case FluidOunceUs = 'fl_oz_us';
    case FluidOunceImperial = 'fl_oz_imperial';
    case Kilogram = 'kg';
    case Tonne = 't';
    case Pound = 'lb';
    case Ounce = 'oz';
    case ShortTon = 'short_ton';
    case LongTon = 'long_ton';
    case Newton = 'N';
    case Decanewton = 'daN';
    case Kilonewton = 'kN';
    case PoundForce = 'lbf';
    case KilogramForce = 'kgf';
    case Megapascal = 'MPa';
    case Atmosphere = 'atm';
    case KilogramForcePerSquareCentimetre = 'kgf_cm2';
    case PoundForcePerSquareFoot = 'psf';
    case Watt = 'W';
    case Kilowatt = 'kW';
    case Horsepower = 'hp';
    case MetricHorsepower = 'ps';
    case Kilovoltampere = 'kVA';
    case Ampere = 'A';
    case AmpereHour = 'Ah';
    case KilowattHour = 'kWh';
    case Megajoule = 'MJ';
    case BritishThermalUnit = 'Btu';
    case NewtonMetre = 'N_m';
    case PoundForceFoot = 'lbf_ft';
    case KilometrePerHour = 'km_h';
    case Knot = 'kn';
    case FootPerMinute = 'ft_min';
    case LitrePerHour = 'l_h';
    case CubicMetrePerMinute = 'm3_min';
    case CubicFootPerMinute = 'cfm';
    case GallonUsPerHour = 'gal_us_h';
    case KilogramPerCubicMetre = 'kg_m3';
    case PoundPerCubicYard = 'lb_yd3';
    case MetrePerSecondSquared = 'm_s2';
    case Decibel = 'dB';
    case Day = 'd';
    case Lumen = 'lm';
    case Lux = 'lx';
    case SquareMillimetre = 'mm2';
    case Kilovolt = 'kV';

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
            self::SquareMetre => 'm²',
            self::SquareFoot => 'ft²',
            self::CubicInch => 'in³',
            self::CubicFoot => 'ft³',
            self::CubicYard => 'yd³',
            self::QuartUs => 'US qt',
            self::FluidOunceUs => 'US fl oz',
            self::FluidOunceImperial => 'imp fl oz',
            self::ShortTon => 'short ton',
            self::LongTon => 'long ton',
            self::KilogramForcePerSquareCentimetre => 'kgf/cm²',
            self::MetricHorsepower => 'PS',
            self::NewtonMetre => 'N·m',
            self::PoundForceFoot => 'lbf·ft',
            self::KilometrePerHour => 'km/h',
            self::FootPerMinute => 'ft/min',
            self::LitrePerHour => 'L/h',
            self::CubicMetrePerMinute => 'm³/min',
            self::GallonUsPerHour => 'US gal/h',
            self::KilogramPerCubicMetre => 'kg/m³',
            self::PoundPerCubicYard => 'lb/yd³',
            self::MetrePerSecondSquared => 'm/s²',
            self::Day => 'days',
            self::SquareMillimetre => 'mm²',
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
            self::Metre => self::Foot,
            self::SquareMetre => self::SquareFoot,
            self::CubicMetre => self::CubicYard,
            self::Kilogram => self::Pound,
            self::Kilonewton, self::Newton => self::PoundForce,
            self::Kilowatt => self::Horsepower,
            self::KilometrePerHour => self::MilePerHour,
            self::LitrePerHour => self::GallonUsPerHour,
            self::CubicMetrePerMinute => self::CubicFootPerMinute,
            self::KilogramPerCubicMetre => self::PoundPerCubicYard,
            default => null,
        };
    }

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Millimetre, self::Metre, self::Inch, self::Centimetre, self::Foot, self::Yard, self::Mile,
            self::NauticalMile, self::Kilometre => Dimension::Length,
            self::SquareMetre, self::SquareFoot, self::Acre, self::Hectare, self::SquareMillimetre => Dimension::Area,
            self::Litre, self::CubicMetre, self::GallonUs, self::GallonImperial, self::CubicInch, self::CubicFoot,
            self::CubicYard, self::QuartUs, self::FluidOunceUs, self::FluidOunceImperial => Dimension::Volume,
            self::Kilogram, self::Tonne, self::Pound, self::Ounce, self::ShortTon, self::LongTon => Dimension::Mass,
            self::Newton, self::Decanewton, self::Kilonewton, self::PoundForce,
            self::KilogramForce => Dimension::Force,
            self::Pascal, self::Kilopascal, self::Bar, self::PoundForcePerSquareInch, self::Megapascal,
            self::Atmosphere, self::KilogramForcePerSquareCentimetre,
            self::PoundForcePerSquareFoot => Dimension::Pressure,
            self::Watt, self::Kilowatt, self::Horsepower, self::MetricHorsepower => Dimension::Power,
            self::Kilovoltampere => Dimension::ApparentPower,
            self::Milliampere, self::Ampere => Dimension::Current,
            self::AmpereHour => Dimension::Charge,
            self::KilowattHour, self::Megajoule, self::BritishThermalUnit => Dimension::Energy,
            self::NewtonMetre, self::PoundForceFoot => Dimension::Torque,
            self::MetrePerSecond, self::MilePerHour, self::KilometrePerHour, self::Knot,
            self::FootPerMinute => Dimension::Speed,
            self::LitrePerHour, self::CubicMetrePerMinute, self::CubicFootPerMinute,
            self::GallonUsPerHour => Dimension::Flow,
            self::KilogramPerCubicMetre, self::PoundPerCubicYard => Dimension::Density,
            self::MetrePerSecondSquared => Dimension::Acceleration,
            self::Decibel => Dimension::SoundLevel,
            self::Lumen => Dimension::LightOutput,
            self::Lux => Dimension::Illuminance,
            self::Millisecond, self::Second, self::Minute, self::Hour, self::Day => Dimension::Time,
            self::Degree => Dimension::Angle,
            self::Kelvin, self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::Volt, self::Kilovolt => Dimension::Potential,
            self::Hertz => Dimension::Frequency,
            self::RevolutionsPerMinute => Dimension::RotationalSpeed,
            self::SpecificGravity => Dimension::RelativeDensity,
            self::Percent => Dimension::Share,
            self::Piece => Dimension::Count,
        };
    }

    /** Multiplies a value in this unit into the base of its dimension, before the offset is added. */
    public function factor(): BigRational
    {
        return BigRational::of(
            match ($this) {
                self::Metre,
                self::CubicMetre,
                self::Second,
                self::Degree,
                self::Kelvin,
                self::Celsius,
                self::Pascal,
                self::Piece,
                self::Volt,
                self::Hertz,
                self::MetrePerSecond,
                self::SpecificGravity,
                self::RevolutionsPerMinute,
                self::SquareMetre,
                self::Kilogram,
                self::Newton,
                self::Watt,
                self::Ampere,
                self::NewtonMetre,
                self::KilogramPerCubicMetre,
                self::MetrePerSecondSquared,
                self::Decibel,
                self::Lumen,
                self::Lux => '1',
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
                self::Percent, self::Centimetre => '1/100',
                self::SquareMillimetre => '1/1000000',
                self::Foot => '3048/10000',
                self::Yard => '9144/10000',
                self::Mile => '1609344/1000',
                self::NauticalMile => '1852',
                self::Kilometre,
                self::Tonne,
                self::Kilonewton,
                self::Kilowatt,
                self::Kilovoltampere,
                self::Kilovolt => '1000',
                self::SquareFoot => '9290304/100000000',
                self::Acre => '40468564224/10000000',
                self::Hectare => '10000',
                self::CubicInch => '16387064/1000000000000',
                self::CubicFoot => '28316846592/1000000000000',
                self::CubicYard => '764554857984/1000000000000',
                self::QuartUs => '946352946/1000000000000',
                self::FluidOunceUs => '295735295625/10000000000000000',
                self::FluidOunceImperial => '284130625/10000000000000',
                self::Pound => '45359237/100000000',
                self::Ounce => '28349523125/1000000000000',
                self::ShortTon => '90718474/100000',
                self::LongTon => '10160469088/10000000',
                self::Decanewton => '10',
                self::PoundForce => '44482216152605/10000000000000',
                self::KilogramForce => '980665/100000',
                self::Megapascal, self::Megajoule => '1000000',
                self::Atmosphere => '101325',
                self::KilogramForcePerSquareCentimetre => '980665/10',
                // one pound-force over one square foot
                self::PoundForcePerSquareFoot => '44482216152605000000/929030400000000000',
                // 550 ft lbf/s
                self::Horsepower => '74569987158227022/100000000000000',
                self::MetricHorsepower => '73549875/100000',
                self::AmpereHour => '3600',
                self::KilowattHour => '3600000',
                self::BritishThermalUnit => '105505585262/100000000',
                self::PoundForceFoot => '13558179483314004/10000000000000000',
                self::KilometrePerHour => '10/36',
                self::Knot => '1852/3600',
                self::FootPerMinute => '508/100000',
                self::LitrePerHour => '1/3600000',
                self::CubicMetrePerMinute => '1/60',
                self::CubicFootPerMinute => '28316846592/60000000000000',
                self::GallonUsPerHour => '3785411784/3600000000000000',
                self::PoundPerCubicYard => '45359237000000000000/76455485798400000000',
                self::Day => '86400',
            },
        );
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
