<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Motion;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandVerdict;
use JadeLedger\Core\Reading\Drawn;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Angle at which the tilt alarm of a platform sounds, in degrees, the sensor leaned by hand beside a digital level.
 *
 * It sounds at the angle of the plate or before it. A degree and more before it, it cries without need and will be
 * switched off. The plate is the limit; the degree is common practice, no source.
 */
final readonly class TiltAlarmAngle implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $plate, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Dial, Quantity::zero(Unit::Degree), $this->plate->times(2), '0.1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo(
                $this->plate->minus(Quantity::of(1, Unit::Degree)),
                Edge::Excluded,
                Outcome::Attend,
                'tilt.early',
                'tilt.calibrate',
            ),
            Band::upTo($this->plate, Edge::Included, Outcome::Stands, 'tilt.right'),
            Band::andAbove(Outcome::Stop, 'tilt.late', 'tilt.tag'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['angle' => $observation->value->text(), 'plate' => $this->plate->text()],
            ["{$observation->value->text()}° : {$this->plate->text()}°"],
            $this->source,
        );
    }
}
