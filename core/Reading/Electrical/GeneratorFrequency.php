<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Electrical;

use JadeLedger\Core\Quantity\Quantity;
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
 * Frequency of a set at no load, in hertz.
 *
 * A set with a droop governor runs up to 4 % above nominal without load. Common practice, no source.
 */
final readonly class GeneratorFrequency implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $nominal, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Dial, $this->nominal->times('0.9'), $this->nominal->times('1.1'), '0.1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->nominal, Edge::Excluded, Outcome::Attend, 'frequency.low', 'frequency.governor'),
            Band::upTo($this->nominal->times('1.04'), Edge::Included, Outcome::Stands, 'frequency.right'),
            Band::andAbove(Outcome::Attend, 'frequency.high', 'frequency.governor'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['frequency' => $observation->value->text()],
            ["{$this->nominal->text()} ≤ {$observation->value->text()} ≤ {$this->nominal->times('1.04')->text()} Hz"],
            $this->source,
        );
    }
}
