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
 * Wear of a fork arm, measured at its heel in millimetres.
 *
 * A fork is withdrawn when blade or shank is worn to 90 % of its original thickness, that figure included; bending
 * strength goes with the square of the thickness. Source: ISO 5057, in-service inspection of fork arms.
 */
final readonly class ForkHeel implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $original, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, $this->original->times('0.6'), $this->original->times('1.02'), '0.1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->limit(), Edge::Included, Outcome::Stop, 'fork_heel.worn', 'fork.withdraw_pair'),
            Band::andAbove(Outcome::Stands, 'fork_heel.left'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $left = $this->left($observation->value);
        $percent = (string) $left->multipliedBy(100)->toScale(1, RoundingMode::DOWN);
        $strength = (string) $left->multipliedBy($left)->multipliedBy(100)->toScale(0, RoundingMode::DOWN);
        $working = [
            "{$observation->value->text()} mm ÷ {$this->original->text()} mm = {$percent} %",
            "90 % = {$this->limit()->text()} mm",
        ];

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['left' => $percent, 'strength' => $strength],
            $working,
            $this->source,
        );
    }

    /** At and under this the fork is withdrawn. */
    public function limit(): Quantity
    {
        return $this->original->times('0.9');
    }

    /** The share of the thickness that is left. */
    public function left(Quantity $measured): BigRational
    {
        return $measured->ratioTo($this->original);
    }
}
