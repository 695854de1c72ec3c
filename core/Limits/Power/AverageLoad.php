<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Average load of a set over a day: at most 70 % of what a standby or prime set is rated at. Loads below 30 % count as
 * 30 %, and time at standstill is left out. Source: ISO 8528-1.
 */
final readonly class AverageLoad
{
    private const LEAST_COUNTED = '30/100';

    private const MOST = '70/100';

    private function __construct(public Quantity $power, public BigRational $share)
    {
    }

    /**
     * @param list<LoadStep> $steps
     *
     * @throws NothingRan
     */
    public static function of(Quantity $rating, array $steps): self
    {
        $least = $rating->times(BigRational::of(self::LEAST_COUNTED));
        [$energy, $hours] = [BigRational::zero(), BigRational::zero()];
        foreach ($steps as $step) {
            if ($step->power->isZero()) {
                continue;
            }
            $counted = $step->power->isLessThan($least) ? $least : $step->power;
            $time = $step->time->ratioTo(Quantity::of(1, Unit::Hour));
            $energy = $energy->plus($counted->ratioTo(Quantity::of(1, Unit::Kilowatt))->multipliedBy($time));
            $hours = $hours->plus($time);
        }
        if ($hours->isZero()) {
            throw NothingRan::atAll();
        }
        $average = Quantity::of($energy->dividedBy($hours)->simplified(), Unit::Kilowatt);

        return new self($average, $average->ratioTo($rating)->simplified());
    }

    public function isWithin(): bool
    {
        return $this->share->isLessThanOrEqualTo(self::MOST);
    }
}
