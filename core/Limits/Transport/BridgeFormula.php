<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What a group of axles may weigh on a bridge. A single axle, a tandem and the whole have limits of their own.
 *
 * Source: 23 CFR 658.17(e): W = 500 (L N / (N - 1) + 12 N + 36), to the nearest 500 lb.
 */
final readonly class BridgeFormula
{
    private function __construct(private BigRational $pounds)
    {
    }

    /** @throws OneAxleIsNoGroup */
    public static function of(int $axles, Quantity $spread): self
    {
        if ($axles < 2) {
            throw OneAxleIsNoGroup::count($axles);
        }
        $feet = $spread->ratioTo(Quantity::of(1, Unit::Foot));

        return new self($feet->multipliedBy(BigRational::of("{$axles}/".($axles - 1)))
            ->plus(12 * $axles + 36)->multipliedBy(500)->simplified());
    }

    public function exact(): Quantity
    {
        return Quantity::of($this->pounds, Unit::Pound);
    }

    public function rounded(): Quantity
    {
        $steps = $this->pounds->dividedBy(500)->toScale(0, RoundingMode::HALF_UP)->toInt();

        return Quantity::of($steps * 500, Unit::Pound);
    }
}
