<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandVerdict;
use JadeLedger\Core\Reading\Drawn;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\OutsideTheTable;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Temperature down to which the coolant is protected, in degrees Celsius, by refractometer.
 *
 * Protected as far down as the yard asks, or further. The litres to exchange follow from the share of glycol before and
 * after. Sources: ASHRAE Handbook Fundamentals, aqueous ethylene glycol by mass, straight lines between the rows;
 * mixing
 * algebra.
 */
final readonly class CoolantFreezePoint implements ScaleReading
{
    use OnScale;

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
        $band = $this->bands()->of($observation->value);
        $figures = ['freeze' => $observation->value, 'needed' => $this->needed];
        if ($band->outcome === Outcome::Stands) {
            return BandVerdict::of(
                $band,
                $figures,
                ["{$observation->value->text()} °C : {$this->needed->text()} °C"],
                $this->source,
            );
        }
        try {
            $have = self::volumeShare($observation->value);
            $want = self::volumeShare($this->needed);
        } catch (OutsideTheTable) {
            // How much has to be exchanged is not known; that it is too thin is.
            return Verdict::attend(
                new Phrase('freeze.thin', $figures),
                [],
                $this->source,
                new Phrase('freeze.by_the_label'),
            );
        }
        $litres = Quantity::of(
            self::exchange($this->system, $have, $want)->decimal(1, RoundingMode::HALF_UP),
            Unit::Litre,
        );
        $shares = array_map(
            static fn (BigRational $share): string => (string) $share->toScale(0, RoundingMode::HALF_UP),
            [$have, $want],
        );

        return BandVerdict::of(
            $band,
            $figures + ['litres' => $litres],
            [
                "{$observation->value->text()} °C : {$shares[0]} %, {$this->needed->text()} °C : {$shares[1]} %",
                "{$litres->decimal(1, RoundingMode::HALF_UP)} L",
            ],
            $this->source,
        );
    }

    /**
     * How much heavier glycol is than water in a mixture. Source: ASHRAE Handbook Fundamentals, 50 % by mass is 47.6 %
     * by volume.
     */
    private const GLYCOL_DENSITY = '1.10';

    /**
     * Per cent of glycol by volume that freezes at a temperature: by the labels from half and half on, below that by
     * mass, carried over by the density of glycol.
     *
     * @throws OutsideTheTable
     */
    private static function volumeShare(Quantity $freezing): BigRational
    {
        try {
            return GlycolTable::byVolume()->share($freezing);
        } catch (OutsideTheTable) {
            $mass = GlycolTable::byMass()->share($freezing);
            $glycol = $mass->dividedBy(self::GLYCOL_DENSITY);

            return $glycol->dividedBy($glycol->plus(BigRational::of(100)->minus($mass)))->multipliedBy(100);
        }
    }

    /**
     * Litres that are drained and filled up with concentrate; nothing when there is enough of it already.
     *
     * D = V (want − have) ÷ (concentrate − have). Source: mixing algebra, by volume.
     *
     * @param BigRational $have per cent of glycol by volume
     * @param BigRational $want per cent of glycol by volume
     * @param BigRational|null $concentrate per cent of glycol in what is filled in; all of it where nothing is said
     */
    public static function exchange(
        Quantity $system,
        BigRational $have,
        BigRational $want,
        ?BigRational $concentrate = null,
    ): Quantity {
        if ($have->isGreaterThanOrEqualTo($want)) {
            return Quantity::zero(Unit::Litre);
        }

        return $system->times(
            (string) $want->minus($have)->dividedBy(($concentrate ?? BigRational::of(100))->minus($have)),
        );
    }
}
