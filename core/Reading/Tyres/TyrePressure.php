<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Tyres;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandVerdict;
use JadeLedger\Core\Reading\ComparedAcross;
use JadeLedger\Core\Reading\Drawn;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OnScale;
use JadeLedger\Core\Reading\Scale;
use JadeLedger\Core\Reading\SidesApart;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Pressure of an air-filled tyre by gauge, in kilopascals.
 *
 * The plate is for a tyre at 20 °C; at another temperature it is carried over by the law of Gay-Lussac, with absolute
 * pressure and kelvin. Within 5 % of that it stands; up to 20 % low it is adjusted. At 80 % and less it is let down and
 * looked into before anybody inflates it. Where so little air would be left in the cold that a gauge shows none, it is
 * read again warm. Source: 29 CFR 1910.177(f) for the 80 %; common practice, no source, for the 5 %.
 */
final readonly class TyrePressure implements ComparedAcross
{
    use OnScale;

    public function __construct(public Quantity $recommended, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function scale(): Scale
    {
        return new Scale(Drawn::Dial, Quantity::zero(Unit::Kilopascal), $this->recommended->times('1.5'), '5');
    }

    public function bands(): Bands
    {
        return $this->bandsAround($this->recommended);
    }

    /** A twentieth of the plate. Common practice, no source. */
    public function mostApart(): Quantity
    {
        return $this->recommended->times('0.05');
    }

    public function saysApart(): string
    {
        return 'tyre.apart';
    }

    public function judge(Observation $observation): Verdict
    {
        $temperature = $observation->measured(self::TEMPERATURE);
        $expected =
            $temperature === null
                ? $this->recommended
                : self::at($this->recommended, Quantity::of(self::REFERENCE, Unit::Celsius), $temperature);
        if (! $expected->isGreaterThan(Quantity::zero(Unit::Kilopascal))) {
            return Verdict::open(
                new Phrase('tyre.too_cold'),
                [
                    "{$this->recommended->text()} kPa at 20 °C = {$expected->decimal(
                        0,
                        RoundingMode::HALF_UP,
                    )} kPa at {$temperature?->text()} °C",
                ],
                $this->source,
                new Phrase('tyre.read_warm'),
            );
        }
        $percent = (string) self::share(
            $observation->value,
            $expected,
        )->multipliedBy(100)->toScale(0, RoundingMode::DOWN);
        $missing = $expected->minus($observation->value);
        $figures = [
            'percent' => $percent,
            'change' => Quantity::of(
                ($missing->isNegative() ? $missing->negated() : $missing)->decimal(0, RoundingMode::HALF_UP),
                Unit::Kilopascal,
            ),
        ];
        $working = [
            ...$temperature === null
                ? []
                : [
                    "{$this->recommended->text()} kPa at 20 °C = {$expected->decimal(
                        0,
                        RoundingMode::HALF_UP,
                    )} kPa at {$temperature->text()} °C",
                ],
            "{$observation->value->text()} ÷ {$expected->decimal(0, RoundingMode::HALF_UP)} kPa = {$percent} %",
        ];

        $verdict = BandVerdict::of(
            $this->bandsAround($expected)->of($observation->value),
            $figures,
            $working,
            $this->source,
        );

        return (new SidesApart($this))->with($verdict, $observation->value, $observation->otherSide);
    }

    /** The condition under which the temperature of the tyre is noted. */
    public const TEMPERATURE = 'tyre_temperature';

    private const REFERENCE = '20';

    /** Kilopascals of air between gauge and absolute pressure. Source: ISO 2533, standard atmosphere. */
    private const ATMOSPHERE = '101.325';

    /** The part of the expected pressure that is in the tyre. */
    public static function share(Quantity $measured, Quantity $expected): BigRational
    {
        return $measured->ratioTo($expected);
    }

    /** The pressure that the same air has at another temperature. Source: Gay-Lussac's law. */
    public static function at(Quantity $gauge, Quantity $from, Quantity $to): Quantity
    {
        $air = Quantity::of(self::ATMOSPHERE, Unit::Kilopascal);

        return $gauge
            ->in(Unit::Kilopascal)
            ->plus($air)
            ->times($to->in(Unit::Kelvin)->ratioTo($from->in(Unit::Kelvin)))
            ->minus($air);
    }

    private function bandsAround(Quantity $expected): Bands
    {
        return Bands::rising(
            Band::upTo($expected->times('0.8'), Edge::Included, Outcome::Stop, 'tyre.flat', 'tyre.let_down'),
            Band::upTo($expected->times('0.95'), Edge::Excluded, Outcome::Attend, 'tyre.low', 'tyre.inflate'),
            Band::upTo($expected->times('1.05'), Edge::Included, Outcome::Stands, 'tyre.right'),
            Band::andAbove(Outcome::Attend, 'tyre.high', 'tyre.let_off'),
        );
    }
}
