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
 * Time of the emergency lowering over a stated height, in seconds.
 *
 * Too fast drops who is up there, too slow leaves them up. The band is the maker's. Jerky or uneven is out of order
 * whatever the watch says. Common practice, no source.
 */
final readonly class EmergencyLowering implements LookDecides
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
        return new Scale(Drawn::Watch, Quantity::zero(Unit::Second), $this->most->times(2), '0.1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least, Edge::Excluded, Outcome::Stop, 'lowering.drops', 'lowering.tag'),
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'lowering.right'),
            Band::andAbove(Outcome::Stop, 'lowering.hangs', 'lowering.tag'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $figures = [
            'seconds' => $observation->value->text(),
            'least' => $this->least->text(),
            'most' => $this->most->text(),
        ];
        if ($observation->look === self::JERKY) {
            return Verdict::stop(new Phrase('lowering.jerks', $figures), [], $this->source, new Phrase('lowering.tag'));
        }

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            $figures,
            ["{$this->least->text()} ≤ {$observation->value->text()} ≤ {$this->most->text()} s"],
            $this->source,
        );
    }

    private const JERKY = 'jerky';
}
