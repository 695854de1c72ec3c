<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

/**
 * The steepness of a ground or a ramp. Percent is rise over run, not a share of a right angle.
 *
 * Source: trigonometry.
 */
final readonly class Slope
{
    /** @param  float  $degrees at least 0, less than 90 */
    private function __construct(public float $degrees)
    {
    }

    /** @throws SlopeOutOfRange */
    public static function degrees(float $degrees): self
    {
        return $degrees < 0.0 || $degrees >= 90.0 ? throw SlopeOutOfRange::degrees($degrees) : new self($degrees);
    }

    /** @throws SlopeOutOfRange */
    public static function percent(float $percent): self
    {
        return $percent < 0.0 ? throw SlopeOutOfRange::percent($percent) : new self(rad2deg(atan($percent / 100)));
    }

    /**
     * One up for so many along.
     *
     * @throws SlopeOutOfRange
     */
    public static function oneIn(float $along): self
    {
        return $along <= 0.0 ? throw SlopeOutOfRange::oneIn($along) : self::percent(100 / $along);
    }

    public function inPercent(): float
    {
        return 100 * tan(deg2rad($this->degrees));
    }
}
