<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Tyres;

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
 * Depth of the tread, in millimetres.
 *
 * The least that the yard or the road asks for is enough. Source: UK Road Vehicles (Construction and Use) Regulations
 * 1986 reg. 27; 49 CFR 393.75.
 */
final readonly class TreadDepth implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $least, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    /** Whether a tyre that passes here is lawful on the road too. */
    public function isLawfulBy(RoadTread $law): bool
    {
        return ! $this->least->isLessThan($law->least());
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, Quantity::zero(Unit::Millimetre), $this->least->times(12), '0.5');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least, Edge::Excluded, Outcome::Attend, 'tread.worn', 'tread.replace'),
            Band::andAbove(Outcome::Stands, 'tread.enough'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['depth' => $observation->value, 'least' => $this->least],
            ["{$observation->value->text()} mm : {$this->least->text()} mm"],
            $this->source,
        );
    }
}
