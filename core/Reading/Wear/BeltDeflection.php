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
 * Give of a drive belt under the thumb or the gauge, midway between two pulleys, in millimetres.
 *
 * The band is the maker's; no figure is common to all engines.
 */
final readonly class BeltDeflection implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $least, public Quantity $most, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, Quantity::zero(Unit::Millimetre), $this->most->times(3), '1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least, Edge::Excluded, Outcome::Attend, 'belt.tight', 'belt.slacken'),
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'belt.right'),
            Band::andAbove(Outcome::Attend, 'belt.slack', 'belt.tension'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $figures = ['give' => $observation->value, 'least' => $this->least, 'most' => $this->most];

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            $figures,
            ["{$this->least->text()} ≤ {$observation->value->text()} ≤ {$this->most->text()} mm"],
            $this->source,
        );
    }
}
