<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Electrical;

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
 * Height of the acid over the plates of the lowest cell, in millimetres.
 *
 * Bare plates are lost plates. After charging it stands 6 to 10 mm over them. Common practice, no source.
 */
final readonly class ElectrolyteLevel implements ScaleReading
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
        return new Scale(Drawn::Rule, Quantity::zero(Unit::Millimetre), $this->most->times(2), '1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo(
                Quantity::zero(Unit::Millimetre),
                Edge::Included,
                Outcome::Stop,
                'electrolyte.bare',
                'electrolyte.cover',
            ),
            Band::upTo($this->least, Edge::Excluded, Outcome::Attend, 'electrolyte.low', 'electrolyte.after_charging'),
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'electrolyte.right'),
            Band::andAbove(Outcome::Attend, 'electrolyte.high', 'electrolyte.boils_over'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['level' => $observation->value],
            ["{$this->least->text()} ≤ {$observation->value->text()} ≤ {$this->most->text()} mm"],
            $this->source,
        );
    }
}
