<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Wear;

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
 * Play of a pin in its bush, in millimetres between the ends of the stroke of a lever or a dial gauge.
 *
 * The limit is the maker's. Over it the pin is grooved and the bush is next: it stays here until both are renewed.
 */
final readonly class PinPlay implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $most, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Dial, Quantity::zero(Unit::Millimetre), $this->most->times(3), '0.1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'pin.tight'),
            Band::andAbove(Outcome::Attend, 'pin.worn', 'pin.renew'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['play' => $observation->value, 'most' => $this->most],
            ["{$observation->value->text()} : {$this->most->text()} mm"],
            $this->source,
        );
    }
}
