<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Turf;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** How fast the tip of a blade is. Source: geometry; most 19,000 ft/min, ANSI B71.1, from memory, to be confirmed. */
final readonly class BladeTip
{
    private const MOST_FEET_A_MINUTE = 19_000;

    private function __construct(public Quantity $speed)
    {
    }

    /** @param  float  $turns in a minute */
    public static function of(Quantity $blade, float $turns): self
    {
        return new self(Figure::of(M_PI * Figure::float($blade, Unit::Metre) * $turns / 60, Unit::MetrePerSecond));
    }

    public static function most(): Quantity
    {
        return Quantity::of(self::MOST_FEET_A_MINUTE, Unit::FootPerMinute);
    }

    public function isOver(): bool
    {
        return $this->speed->isGreaterThan(self::most());
    }
}
