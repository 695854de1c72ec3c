<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Temperature down to which the coolant is protected, in degrees Celsius, by refractometer.
 *
 * Protected as far down as the yard asks, or further. The litres to exchange follow from the share of glycol before and
 * after. Sources: ASHRAE Handbook Fundamentals, aqueous ethylene glycol by mass, straight lines between the rows; mixing
 * algebra.
 */
final readonly class CoolantFreezePoint implements ScaleReading
{
    public function __construct(public Quantity $needed, public Quantity $system, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, Quantity::of(-60, Unit::Celsius), Quantity::zero(Unit::Celsius), '1');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->needed, Edge::Included, Outcome::Stands, 'freeze.protected'),
            Band::andAbove(Outcome::Attend, 'freeze.thin', 'freeze.exchange'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $have = GlycolTable::byMass()->share($observation->value);
        $want = GlycolTable::byMass()->share($this->needed);
        $litres = Quantity::of(self::exchange($this->system, $have, $want)->decimal(1), Unit::Litre);
        $figures = ['freeze' => $observation->value, 'needed' => $this->needed, 'litres' => $litres];
        $shares = array_map(static fn (BigRational $share): string => (string) $share->toScale(0, RoundingMode::HALF_UP), [$have, $want]);

        return BandVerdict::of($this->bands()->of($observation->value), $figures, ["{$observation->value->text()} °C : {$shares[0]} %, {$this->needed->text()} °C : {$shares[1]} %", "{$litres->decimal(1)} L"], $this->source);
    }

    /**
     * Litres that are drained and filled up with concentrate; nothing when there is enough of it already.
     *
     * @param BigRational $have per cent of glycol
     * @param BigRational $want per cent of glycol
     */
    public static function exchange(Quantity $system, BigRational $have, BigRational $want): Quantity
    {
        if ($have->isGreaterThanOrEqualTo($want)) {
            return Quantity::zero(Unit::Litre);
        }

        return $system->times((string) $want->minus($have)->dividedBy(BigRational::of(100)->minus($have)));
    }
}
