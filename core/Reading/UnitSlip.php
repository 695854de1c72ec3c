<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;

/**
 * A figure that was read in one unit and typed as another.
 *
 * Suspected when it asks for attention as it was typed, and the same digits in another unit that stands on such a gauge
 * would stand. Never offered where the figure stops the machine, and never of a watch, which shows seconds and nothing
 * else. Common practice, no source.
 */
final readonly class UnitSlip
{
    /** Units that stand beside each other on the gauges of a yard. */
    private const NEIGHBOURS = [
        [Unit::Kilopascal, Unit::PoundForcePerSquareInch, Unit::Bar],
        [Unit::Millimetre, Unit::Inch],
        [Unit::Litre, Unit::GallonUs, Unit::GallonImperial],
    ];

    private function __construct(public Quantity $meant, public Quantity $inOurs)
    {
    }

    /** What was probably meant; nothing when the figure stands, or no other unit explains it. */
    public static function suspected(ScaleReading $reading, Quantity $typed): ?self
    {
        if ($reading->bands()->of($typed)->outcome !== Outcome::Attend) {
            return null;
        }
        foreach (self::NEIGHBOURS as $units) {
            foreach (in_array($typed->unit, $units, true) ? $units : [] as $unit) {
                $meant = Quantity::of((string) $typed->decimal(6, RoundingMode::HALF_UP), $unit);
                $inOurs = $meant->in($typed->unit);
                if (
                    $unit !== $typed->unit &&
                    ! $inOurs->isGreaterThan($reading->scale()->high) &&
                    $reading->bands()->of($inOurs)->outcome === Outcome::Stands
                ) {
                    return new self($meant, $inOurs);
                }
            }
        }

        return null;
    }

    public function phrase(): Phrase
    {
        return new Phrase('reading.unit_slip', [
            'meant' => "{$this->meant->text()} {$this->meant->unit->symbol()}",
            'ours' => "{$this->inOurs->decimal(
                1,
                RoundingMode::HALF_UP,
            )->stripTrailingZeros()} {$this->inOurs->unit->symbol()}",
        ]);
    }
}
