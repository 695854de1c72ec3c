<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Specific gravity of the weakest cell of a traction battery.
 *
 * The hydrometer is right at 80 °F (26.7 °C); 0.004 for each 10 °F is added when it is warmer and taken off when it is
 * colder. Recharged under 1.225. Source: Battery Council International and makers' handbooks; the 1.225 are common
 * practice, no source.
 */
final readonly class SpecificGravity implements ScaleReading
{
    public function __construct(public Quantity $least, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Rule, Quantity::of('1.050', Unit::SpecificGravity), Quantity::of('1.330', Unit::SpecificGravity), '0.005');
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least, Edge::Excluded, Outcome::Attend, 'gravity.low', 'battery.charge'),
            Band::upTo(Quantity::of('1.300', Unit::SpecificGravity), Edge::Included, Outcome::Stands, 'gravity.charged'),
            Band::andAbove(Outcome::Attend, 'gravity.too_high', 'gravity.competent'),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $temperature = $observation->measured(self::TEMPERATURE);
        $corrected = $temperature === null ? $observation->value : self::corrected($observation->value, $temperature);
        $charge = (string) ChargeTable::deepCycle()->fromGravity($corrected)->toScale(0, RoundingMode::HALF_UP);
        $figures = ['gravity' => (string) $corrected->decimal(3), 'charge' => $charge];
        $working = $temperature === null ? [] : ["{$observation->value->decimal(3)} at {$temperature->text()} °C = {$corrected->decimal(3)} at 26.7 °C"];

        return BandVerdict::of($this->bands()->of($corrected), $figures, [...$working, "{$corrected->decimal(3)} → {$charge} %"], $this->source);
    }

    /** The condition under which the temperature of the acid is noted. */
    public const TEMPERATURE = 'acid_temperature';

    public static function corrected(Quantity $reading, Quantity $temperature): Quantity
    {
        $tens = $temperature->in(Unit::Fahrenheit)->minus(Quantity::of(80, Unit::Fahrenheit))->ratioTo(Quantity::of(10, Unit::Fahrenheit));

        return $reading->plus(Quantity::of('0.004', Unit::SpecificGravity)->times($tens));
    }
}
