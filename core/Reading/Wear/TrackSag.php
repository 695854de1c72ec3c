<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Wear;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandVerdict;
use JadeLedger\Core\Reading\ComparedAcross;
use JadeLedger\Core\Reading\Drawn;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\SidesApart;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Slack of a track, in millimetres of gap under a straight edge or under the middle roller.
 *
 * The band is the maker's; no figure is common to all machines. Where the maker says by how much a stroke of the grease
 * gun tightens it, the strokes to the middle of the band are said.
 */
final readonly class TrackSag implements ComparedAcross
{
    use OnScale;

    /** How far the slack of the two tracks may differ, in millimetres. Common practice, no source. */
    private const SIDES_APART = '10';

    public function __construct(
        public Quantity $least,
        public Quantity $most,
        private Source $source,
        public ?Quantity $perStroke = null,
    ) {
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
            Band::andAbove(Outcome::Attend, 'track.slack', $this->perStroke === null ? 'track.tension' : 'track.pump'),
        );
    }

    public function mostApart(): Quantity
    {
        return Quantity::of(self::SIDES_APART, Unit::Millimetre);
    }

    public function saysApart(): string
    {
        return 'track.apart';
    }

    public function judge(Observation $observation): Verdict
    {
        $figures = [
            'sag' => $observation->value,
            'least' => $this->least,
            'most' => $this->most,
            'strokes' => (string) $this->strokes($observation->value),
        ];

        $verdict = BandVerdict::of(
            $this->bands()->of($observation->value),
            $figures,
            ["{$this->least->text()} ≤ {$observation->value->text()} ≤ {$this->most->text()} mm"],
            $this->source,
        );

        return (new SidesApart($this))->with($verdict, $observation->value, $observation->otherSide);
    }

    /**
     * Strokes of the grease gun from a slack track to the middle of its band; none where nobody knows what a stroke
     * does.
     */
    public function strokes(Quantity $sag): int
    {
        $over = $sag->minus($this->least->plus($this->most)->dividedBy(2));

        return $this->perStroke === null || $over->isNegative()
            ? 0
            : $over->ratioTo($this->perStroke)->toScale(0, RoundingMode::UP)->toInt();
    }
}
