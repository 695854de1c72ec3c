<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Electrical;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandVerdict;
use JadeLedger\Core\Reading\Drawn;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\ReadAtPoints;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\WorstOf;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Voltage of a set at no load, in volts, judged by the phase whose verdict weighs most; of those that weigh the same,
 * the one furthest off.
 *
 * Within 5 % of nominal. Common practice, no source.
 */
final readonly class GeneratorVoltage implements ReadAtPoints
{
    use OnScale;

    public function __construct(public Quantity $nominal, private Source $source, private int $phases = 1)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Dial, $this->nominal->times('0.8'), $this->nominal->times('1.2'), '1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo(
                $this->nominal->times('0.95'),
                Edge::Excluded,
                Outcome::Attend,
                'voltage.low',
                'voltage.regulator',
            ),
            Band::upTo($this->nominal->times('1.05'), Edge::Included, Outcome::Stands, 'voltage.right'),
            Band::andAbove(Outcome::Stop, 'voltage.high', 'voltage.no_load'),
        );
    }

    public function points(): int
    {
        return $this->phases;
    }

    public function worst(array $figures): Quantity
    {
        $off = fn (Quantity $one): Quantity => $one->isLessThan($this->nominal)
            ? $this->nominal->minus($one)
            : $one->minus($this->nominal);

        return WorstOf::these(
            $figures,
            fn (Quantity $one): Outcome => $this->bands()->of($one)->outcome,
            static fn (Quantity $one, Quantity $far): int => $off($one)->compareTo($off($far)),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $off = (string) $observation->value
            ->minus($this->nominal)
            ->ratioTo($this->nominal)
            ->multipliedBy(100)
            ->toScale(1, RoundingMode::HALF_UP);

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['off' => $off],
            ["({$observation->value->text()} − {$this->nominal->text()}) ÷ {$this->nominal->text()} = {$off} %"],
            $this->source,
        );
    }
}
