<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Wear;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
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
 * Stretch of a lift chain, measured over a number of whole pitches in millimetres.
 *
 * Elongation is what it has grown over its new length. Replaced at 3 %, watched from 2 %. Source: pitches ASME B29.8
 * and
 * ISO 4347; the 3 % are chain trade practice.
 */
final readonly class ChainElongation implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $pitch, public int $pitches, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, $this->newLength()->times('0.99'), $this->newLength()->times('1.05'), '0.1');
    }

    public function bands(): Bands
    {
        $new = $this->newLength();

        return Bands::rising(
            Band::upTo($new->times('1.02'), Edge::Excluded, Outcome::Stands, 'chain.sound'),
            Band::upTo($this->limit(), Edge::Excluded, Outcome::Attend, 'chain.watched', 'chain.plan'),
            Band::andAbove(Outcome::Stop, 'chain.stretched', 'chain.replace_both'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $percent = (string) $this->elongation($observation->value)->toScale(2, RoundingMode::HALF_UP);
        $new = $this->newLength()->text();

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['elongation' => $percent],
            [
                "{$this->pitches} × {$this->pitch->text()} mm = {$new} mm",
                "({$observation->value->text()} − {$new}) ÷ {$new} = {$percent} %",
            ],
            $this->source,
        );
    }

    /** From this length on the chain is replaced. */
    public function limit(): Quantity
    {
        return $this->newLength()->times('1.03');
    }

    public function newLength(): Quantity
    {
        return $this->pitch->times($this->pitches);
    }

    /** Percent of the new length. */
    public function elongation(Quantity $measured): BigRational
    {
        return $measured->minus($this->newLength())->ratioTo($this->newLength())->multipliedBy(100);
    }
}
