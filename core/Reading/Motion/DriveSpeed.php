<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Motion;

use Brick\Math\RoundingMode;
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
 * Drive speed in a raised or extended position: seconds for a measured distance.
 *
 * Slower is safe. The speed of the plate, or the stricter one of the yard, is not passed. Source: maker's plate; EN 280
 * allows 0.7 m/s at the most, from memory, to be confirmed.
 */
final readonly class DriveSpeed implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $distance, public Quantity $most, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(
            Drawn::Watch,
            Quantity::zero(Unit::Second),
            Quantity::of($this->least()->times(3)->decimal(0, RoundingMode::HALF_UP), Unit::Second),
            '0.1',
        );
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least(), Edge::Excluded, Outcome::Stop, 'speed.too_fast', 'speed.tag'),
            Band::andAbove(Outcome::Stands, 'speed.slow_enough'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $speed = $observation->value->isZero()
            ? '∞'
            : (string) $this->distance
                ->ratioTo(Quantity::of(1, Unit::Metre))
                ->dividedBy($observation->value->ratioTo(Quantity::of(1, Unit::Second)))
                ->toScale(2, RoundingMode::UP);

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            [
                'speed' => $observation->value->isZero() ? "{$speed} m/s" : Quantity::of($speed, Unit::MetrePerSecond),
                'most' => $this->most,
            ],
            ["{$this->distance->text()} m ÷ {$observation->value->text()} s = {$speed} m/s"],
            $this->source,
        );
    }

    /** The shortest time that the distance may take. */
    public function least(): Quantity
    {
        return Quantity::of(1, Unit::Second)->times(
            $this->distance
                ->ratioTo(Quantity::of(1, Unit::Metre))
                ->dividedBy($this->most->ratioTo(Quantity::of(1, Unit::MetrePerSecond))),
        );
    }
}
