<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Electrical;

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
use JadeLedger\Core\Reading\ReadAtPoints;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\WorstOf;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Specific gravity of the cells of a traction battery, judged by the cell whose verdict weighs most, and of those that
 * weigh the same, the weakest.
 *
 * The hydrometer is right at 80 °F (26.7 °C); 0.004 for each 10 °F is added when it is warmer and taken off when it is
 * colder. Recharged under 1.225; cells that lie further apart than 0.050 are not cured by a charge. Source: Battery
 * Council International and makers' handbooks; the 1.225 and the 0.050 are common practice, no source.
 */
final readonly class SpecificGravity implements ReadAtPoints
{
    use OnScale;

    public function __construct(public Quantity $least, private Source $source, private int $cells = 1)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(
            Drawn::Rule,
            Quantity::of('1.050', Unit::SpecificGravity),
            Quantity::of('1.330', Unit::SpecificGravity),
            '0.005',
        );
    }

    public function bands(): Bands
    {
        return Bands::rising(
            Band::upTo($this->least, Edge::Excluded, Outcome::Attend, 'gravity.low', 'battery.charge'),
            Band::upTo(
                Quantity::of('1.300', Unit::SpecificGravity),
                Edge::Included,
                Outcome::Stands,
                'gravity.charged',
            ),
            Band::andAbove(Outcome::Attend, 'gravity.too_high', 'gravity.competent'),
        );
    }

    public function points(): int
    {
        return $this->cells;
    }

    public function worst(array $figures): Quantity
    {
        return WorstOf::these(
            $figures,
            fn (Quantity $one): Outcome => $this->bands()->of($one)->outcome,
            static fn (Quantity $one, Quantity $far): int => $far->compareTo($one),
        );
    }

    public function judge(Observation $observation): Verdict
    {
        $temperature = $observation->measured(self::TEMPERATURE);
        $at80 = static fn (Quantity $one): Quantity => $temperature === null ? $one : self::corrected(
            $one,
            $temperature,
        );
        // Corrected first: what is too high when it is read may be right at 80 °F, and the other way round.
        $read = WorstOf::these(
            $observation->points === [] ? [$observation->value] : $observation->points,
            fn (Quantity $one): Outcome => $this->bands()->of($at80($one))->outcome,
            static fn (Quantity $one, Quantity $far): int => $far->compareTo($one),
        );
        $corrected = $at80($read);
        $charge = (string) ChargeTable::deepCycle()->fromGravity($corrected)->toScale(0, RoundingMode::HALF_UP);
        $figures = ['gravity' => (string) $corrected->decimal(3, RoundingMode::HALF_UP), 'charge' => $charge];
        $working =
            $temperature === null
                ? []
                : [
                    "{$read->decimal(3, RoundingMode::HALF_UP)} at {$temperature->text()} °C = {$corrected->decimal(
                        3,
                        RoundingMode::HALF_UP,
                    )} at 26.7 °C",
                ];

        $spread = $this->spread($observation->points);
        if ($spread->isGreaterThan(Quantity::of(self::SPREAD, Unit::SpecificGravity))) {
            return Verdict::attend(
                new Phrase(
                    'gravity.spread',
                    $figures + [
                        'spread' => (string) $spread->decimal(3, RoundingMode::HALF_UP),
                        'most' => self::SPREAD,
                    ],
                ),
                [...$working, "{$spread->decimal(3, RoundingMode::HALF_UP)} > ".self::SPREAD],
                $this->source,
                new Phrase('gravity.competent'),
            );
        }

        return BandVerdict::of(
            $this->bands()->of($corrected),
            $figures,
            [...$working, "{$corrected->decimal(3, RoundingMode::HALF_UP)} → {$charge} %"],
            $this->source,
        );
    }

    /** How far cells of one charge may lie apart. */
    private const SPREAD = '0.050';

    /** @param  list<Quantity>  $cells */
    private function spread(array $cells): Quantity
    {
        if ($cells === []) {
            return Quantity::zero(Unit::SpecificGravity);
        }
        $high = array_reduce(
            $cells,
            static fn (Quantity $high, Quantity $one): Quantity => $one->isGreaterThan($high) ? $one : $high,
            $cells[0],
        );

        $low = array_reduce(
            $cells,
            static fn (Quantity $low, Quantity $one): Quantity => $one->isLessThan($low) ? $one : $low,
            $cells[0],
        );

        return $high->minus($low);
    }

    /** The condition under which the temperature of the acid is noted. */
    public const TEMPERATURE = 'acid_temperature';

    public static function corrected(Quantity $reading, Quantity $temperature): Quantity
    {
        $tens = $temperature
            ->in(Unit::Fahrenheit)
            ->minus(Quantity::of(80, Unit::Fahrenheit))
            ->ratioTo(Quantity::of(10, Unit::Fahrenheit));

        return $reading->plus(Quantity::of('0.004', Unit::SpecificGravity)->times($tens));
    }
}
