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
use JadeLedger\Core\Reading\LookDecides;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Park brake against the engine: for how long it held at the stated engine speed, in seconds.
 *
 * It may not move at all. Never longer than the limit: the driveline overheats. Shorter than the least says nothing.
 * The 1,500 rpm and 20 s are common practice, no source; the plate overrules them.
 */
final readonly class ParkBrakeHold implements LookDecides
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
        return new Scale(Drawn::Hold, Quantity::zero(Unit::Second), $this->most->times('1.5'), '1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least, Edge::Excluded, Outcome::Open, 'hold.too_short', 'hold.again'),
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'hold.held'),
            Band::andAbove(Outcome::Attend, 'hold.too_long', 'hold.cool'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $figures = [
            'seconds' => $observation->value->text(),
            'least' => $this->least->text(),
            'most' => $this->most->text(),
        ];
        if ($observation->look === self::MOVED) {
            return Verdict::stop(
                new Phrase('hold.moved', $figures),
                ["{$observation->value->text()} s"],
                $this->source,
                new Phrase('hold.tag'),
            );
        }

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            $figures,
            ["{$this->least->text()} ≤ {$observation->value->text()} ≤ {$this->most->text()} s"],
            $this->source,
        );
    }

    private const MOVED = 'moved';
}
