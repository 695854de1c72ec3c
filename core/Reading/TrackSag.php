<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Slack of a track, in millimetres of gap under a straight edge or under the middle roller.
 *
 * The band is the maker's; no figure is common to all machines.
 */
final readonly class TrackSag implements ScaleReading
{
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
            Band::upTo($this->least, Edge::Excluded, Outcome::Attend, 'track.tight', 'track.let_off'),
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'track.right'),
            Band::andAbove(Outcome::Attend, 'track.slack', 'track.tension'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $figures = ['sag' => $observation->value->text(), 'least' => $this->least->text(), 'most' => $this->most->text()];

        return BandVerdict::of($this->bands()->of($observation->value), $figures, ["{$this->least->text()} ≤ {$observation->value->text()} ≤ {$this->most->text()} mm"], $this->source);
    }
}
