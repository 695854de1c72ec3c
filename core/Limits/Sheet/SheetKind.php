<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Limits\Battery\BatteryFormula;
use JadeLedger\Core\Limits\Brakes\StoppingFormula;
use JadeLedger\Core\Limits\Earthmoving\BladeFormula;
use JadeLedger\Core\Limits\Earthmoving\BucketFormula;
use JadeLedger\Core\Limits\Earthmoving\SlewFormula;
use JadeLedger\Core\Limits\Earthmoving\TippingShareFormula;
use JadeLedger\Core\Limits\Fluids\FuelFormula;
use JadeLedger\Core\Limits\Ground\EdgeFormula;
use JadeLedger\Core\Limits\Ground\PadFormula;
use JadeLedger\Core\Limits\Ground\SlopeFormula;
use JadeLedger\Core\Limits\Ground\TrackFormula;
use JadeLedger\Core\Limits\Ground\WheelFormula;
use JadeLedger\Core\Limits\Lines\LineFormula;
use JadeLedger\Core\Limits\People\NoiseFormula;
use JadeLedger\Core\Limits\People\VibrationFormula;
use JadeLedger\Core\Limits\Platform\PlatformLoadFormula;
use JadeLedger\Core\Limits\Platform\ReachFormula;
use JadeLedger\Core\Limits\Power\AirFormula;
use JadeLedger\Core\Limits\Power\CableFormula;
use JadeLedger\Core\Limits\Power\GeneratorFormula;
use JadeLedger\Core\Limits\Power\LightFormula;
use JadeLedger\Core\Limits\Transport\AxleFormula;
use JadeLedger\Core\Limits\Transport\LashingFormula;
use JadeLedger\Core\Limits\Transport\LoadingRampFormula;
use JadeLedger\Core\Limits\Transport\StandsUprightFormula;
use JadeLedger\Core\Limits\Transport\TiedownFormula;
use JadeLedger\Core\Limits\Transport\TransportSizeFormula;
use JadeLedger\Core\Limits\Truck\DriftFormula;
use JadeLedger\Core\Limits\Truck\ForkConditionFormula;
use JadeLedger\Core\Limits\Truck\LoadCentreFormula;
use JadeLedger\Core\Limits\Truck\LoadChartFormula;
use JadeLedger\Core\Limits\Truck\RampFormula;
use JadeLedger\Core\Limits\Turf\MowerFormula;
use JadeLedger\Core\Limits\Turf\PtoFormula;
use JadeLedger\Core\Limits\Wind\PlatformWindFormula;

/** What a sheet computes. */
enum SheetKind: string
{
    case PlatformLoad = 'platform_load';
    case PlatformWind = 'platform_wind';
    case Reach = 'reach';
    case Slope = 'slope';
    case Pad = 'pad';
    case Tracks = 'tracks';
    case Edge = 'edge';
    case Slew = 'slew';
    case Bucket = 'bucket';
    case LoadCentre = 'load_centre';
    case LoadChart = 'load_chart';
    case Ramp = 'ramp';
    case Line = 'line';
    case Tiedown = 'tiedown';
    case Lashing = 'lashing';
    case LoadingRamp = 'loading_ramp';
    case TransportSize = 'transport_size';
    case Generator = 'generator';
    case Cable = 'cable';
    case Air = 'air';
    case Light = 'light';
    case Fuel = 'fuel';
    case Battery = 'battery';
    case Mower = 'mower';
    case Pto = 'pto';
    case Stopping = 'stopping';
    case Drift = 'drift';
    case Wheels = 'wheels';
    case Upright = 'upright';
    case Axles = 'axles';
    case TippingShare = 'tipping_share';
    case Blade = 'blade';
    case Forks = 'forks';
    case Vibration = 'vibration';
    case Noise = 'noise';

    public function formula(): Formula
    {
        return match ($this) {
            self::PlatformLoad => new PlatformLoadFormula,
            self::PlatformWind => new PlatformWindFormula,
            self::Reach => new ReachFormula,
            self::Slope => new SlopeFormula,
            self::Pad => new PadFormula,
            self::Tracks => new TrackFormula,
            self::Edge => new EdgeFormula,
            self::Slew => new SlewFormula,
            self::Bucket => new BucketFormula,
            self::LoadCentre => new LoadCentreFormula,
            self::LoadChart => new LoadChartFormula,
            self::Ramp => new RampFormula,
            self::Line => new LineFormula,
            self::Tiedown => new TiedownFormula,
            self::Lashing => new LashingFormula,
            self::LoadingRamp => new LoadingRampFormula,
            self::TransportSize => new TransportSizeFormula,
            self::Generator => new GeneratorFormula,
            self::Cable => new CableFormula,
            self::Air => new AirFormula,
            self::Light => new LightFormula,
            self::Fuel => new FuelFormula,
            self::Battery => new BatteryFormula,
            self::Mower => new MowerFormula,
            self::Pto => new PtoFormula,
            self::Stopping => new StoppingFormula,
            self::Drift => new DriftFormula,
            self::Wheels => new WheelFormula,
            self::Upright => new StandsUprightFormula,
            self::Axles => new AxleFormula,
            self::TippingShare => new TippingShareFormula,
            self::Blade => new BladeFormula,
            self::Forks => new ForkConditionFormula,
            self::Vibration => new VibrationFormula,
            self::Noise => new NoiseFormula,
        };
    }
}
