<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Wear;

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
use JadeLedger\Core\Verdict\Verdict;

/**
 * Difference in height of the two fork tips, in millimetres.
 *
 * The pair is withdrawn when the tips differ by more than 3 % of the blade. Source: ISO 5057.
 */
final readonly class ForkTips implements ScaleReading
{
    use OnScale;

    public function __construct(public Quantity $blade, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, Quantity::zero(Unit::Millimetre), $this->blade->times('0.1'), '1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->limit(), Edge::Included, Outcome::Stands, 'fork_tips.level'),
            Band::andAbove(Outcome::Stop, 'fork_tips.apart', 'fork.withdraw_pair'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $limit = $this->limit();

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['difference' => $observation->value, 'limit' => $limit],
            ["3 % × {$this->blade->text()} mm = {$limit->text()} mm"],
            $this->source,
        );
    }

    public function limit(): Quantity
    {
        return $this->blade->times('0.03');
    }
}
