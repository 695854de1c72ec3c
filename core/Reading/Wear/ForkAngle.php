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
 * Angle between blade and shank of a fork, in degrees.
 *
 * Withdrawn when it deviates by more than 3° from the original, either way. Source: ISO 5057, from memory, to be
 * confirmed against the edition in force.
 */
final readonly class ForkAngle implements ScaleReading
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
        return new Scale(
            Drawn::Dial,
            $this->original->minus(Quantity::of(8, Unit::Degree)),
            $this->original->plus(Quantity::of(8, Unit::Degree)),
            '0.1',
        );
    }

    public function bands(): Bands
    {
        $most = Quantity::of(3, Unit::Degree);

        return Bands::rising(
            Band::upTo(
                $this->original->minus($most),
                Edge::Excluded,
                Outcome::Stop,
                'fork_angle.bent',
                'fork.withdraw_pair',
            ),
            Band::upTo($this->original->plus($most), Edge::Included, Outcome::Stands, 'fork_angle.square'),
            Band::andAbove(Outcome::Stop, 'fork_angle.bent', 'fork.withdraw_pair'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $deviation = $this->deviation($observation->value)->text();

        return BandVerdict::of(
            $this->bands()->of($observation->value),
            ['deviation' => $deviation],
            ["{$observation->value->text()}° − {$this->original->text()}° = {$deviation}°"],
            $this->source,
        );
    }

    public function deviation(Quantity $measured): Quantity
    {
        $deviation = $measured->minus($this->original);

        return $deviation->isNegative() ? $deviation->negated() : $deviation;
    }
}
