<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Pressure of a fire extinguisher on its own gauge, in bar; the green field is printed on it.
 *
 * Out of the green it is exchanged, above it too: it stood in the heat or was filled wrongly. Common practice, no
 * source.
 */
final readonly class ExtinguisherGauge implements ScaleReading
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
        return new Scale(Drawn::Dial, Quantity::zero(Unit::Bar), $this->most->times('1.5'), '0.5');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least, Edge::Excluded, Outcome::Attend, 'extinguisher.empty', 'extinguisher.exchange'),
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'extinguisher.green'),
            Band::andAbove(Outcome::Attend, 'extinguisher.over', 'extinguisher.exchange'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $figures = ['pressure' => $observation->value, 'least' => $this->least, 'most' => $this->most];

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            $figures,
            ["{$this->least->text()} ≤ {$observation->value->text()} ≤ {$this->most->text()} bar"],
            $this->source,
        );
    }
}
