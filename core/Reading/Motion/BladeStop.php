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
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Time until the blades stand still after they were let go, in seconds.
 *
 * Source: 16 CFR 1205.5 for machines that are walked behind, 3 s; ISO 5395-3 for those that are ridden, 5 s, from
 * memory,
 * to be confirmed.
 */
final readonly class BladeStop implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $most, private Source $source)
    {
    }

    public static function walkedBehind(Source $source): self
    {
        return new self(Quantity::of(3, Unit::Second), $source);
    }

    public static function ridden(Source $source): self
    {
        return new self(Quantity::of(5, Unit::Second), $source);
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Watch, Quantity::zero(Unit::Second), $this->most->times(3), '0.1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->most, Edge::Included, Outcome::Stands, 'blade.stops'),
            Band::andAbove(Outcome::Stop, 'blade.runs_on', 'blade.tag'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        if ($observation->value->isZero()) {
            return Verdict::open(new Phrase('watch.not_run'), [], $this->source, new Phrase('watch.again'));
        }

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['seconds' => $observation->value->text(), 'most' => $this->most->text()],
            ["{$observation->value->text()} s : {$this->most->text()} s"],
            $this->source,
        );
    }
}
