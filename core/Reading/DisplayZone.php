<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;

/**
 * A level on the machine's own display, in per cent of its bar, with the zones that the display colours.
 *
 * Red: not started before it is filled. Amber: topped up. Where a stick says otherwise the stick decides. Common
 * practice, no source.
 */
final readonly class DisplayZone implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $red, public Quantity $amber, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, Quantity::zero(Unit::Percent), Quantity::of(100, Unit::Percent), '5');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->red, Edge::Excluded, Outcome::Stop, 'display.red', 'display.fill_first'),
            Band::upTo($this->amber, Edge::Excluded, Outcome::Attend, 'display.amber', 'display.top_up'),
            Band::andAbove(Outcome::Stands, 'display.green'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['level' => $observation->value->text()],
            ["{$observation->value->text()} %"],
            $this->source,
        );
    }
}
