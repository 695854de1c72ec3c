<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use Brick\Math\RoundingMode;
use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Quantity\NotANumber;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnitsDoNotMatch;
use JadeLedger\Core\Quantity\UnknownUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;

final class QuantityTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{array<string, mixed>, mixed}> */
    public static function publishedConversions(): iterable
    {
        $names = [
            'us_gal' => Unit::GallonUs,
            'imp_gal' => Unit::GallonImperial,
            'L' => Unit::Litre,
            'psi' => Unit::PoundForcePerSquareInch,
            'kPa' => Unit::Kilopascal,
            'bar' => Unit::Bar,
            'C' => Unit::Celsius,
            'F' => Unit::Fahrenheit,
            'K' => Unit::Kelvin,
            'in' => Unit::Inch,
            'mm' => Unit::Millimetre,
            'm' => Unit::Metre,
        ];
        foreach (PublishedValues::examples('S-001', 'S-002', 'S-004', 'S-006') as $source => [$inputs, $expected]) {
            if (isset($inputs['from'], $inputs['to'], $names[$inputs['from']], $names[$inputs['to']])) {
                yield $source => [
                    [
                        'value' => (string) $inputs['value'],
                        'from' => $names[$inputs['from']],
                        'to' => $names[$inputs['to']],
                    ],
                    $expected['value'],
                ];
            }
        }
    }

    /** @param  array{value: string, from: Unit, to: Unit}  $inputs */
    #[DataProvider('publishedConversions')]
    public function test_conversions_agree_with_published_values(array $inputs, float|int $expected): void
    {
        $converted = Quantity::of($inputs['value'], $inputs['from'])
            ->in($inputs['to'])
            ->decimal(12, RoundingMode::HALF_UP)
            ->toFloat();

        self::assertEqualsWithDelta($expected, $converted, max(1e-6, abs($expected) * 1e-11));
    }

    public function test_there_are_published_conversions_of_volume_pressure_and_temperature(): void
    {
        self::assertGreaterThanOrEqual(9, count(iterator_to_array(self::publishedConversions())));
    }

    /** SI Brochure, 8th edition, table 8: 1852 m, and that in an hour. */
    public function test_a_nautical_mile_and_a_knot_are_exact(): void
    {
        self::assertTrue(Quantity::of(1852, Unit::Metre)->isEqualTo(Quantity::of(1, Unit::NauticalMile)));
        self::assertTrue(
            Quantity::of(1852, Unit::MetrePerSecond)->isEqualTo(Quantity::of(3600, Unit::Knot)),
        );
    }

    public function test_a_difference_of_temperatures_is_not_converted_with_the_offset(): void
    {
        $rise = Quantity::of('50', Unit::Celsius)->minus(Quantity::of('40', Unit::Celsius));

        self::assertSame('10', $rise->text());
    }

    public function test_there_and_back_again_is_exact_for_every_pair_of_units(): void
    {
        $pairs = [];
        foreach (Unit::cases() as $from) {
            foreach (Unit::cases() as $to) {
                if ($from->dimension() === $to->dimension()) {
                    $pairs[] = [$from, $to];
                }
            }
        }
        $this->limitTo(400)->forAll(Generators::elements(...$pairs), Generators::choose(-1_000_000, 1_000_000))
            ->then(static function (array $pair, int $thousandths): void {
                [$from, $to] = $pair;
                $quantity = Quantity::of($thousandths, $from)->dividedBy(1000);
                self::assertTrue($quantity->in($to)->in($from)->isEqualTo($quantity));
            });
    }

    public function test_lengths_and_volumes_never_mix(): void
    {
        $this->expectException(UnitsDoNotMatch::class);
        $this->expectExceptionMessage('A value in l cannot be expressed in mm');

        Quantity::of('1', Unit::Millimetre)->plus(Quantity::of('1', Unit::Litre));
    }

    public function test_a_text_that_is_no_number_is_refused(): void
    {
        $this->expectException(NotANumber::class);

        Quantity::of('about 12', Unit::Hour);
    }

    public function test_an_unknown_unit_is_answered_with_those_that_are_known(): void
    {
        $this->expectException(UnknownUnit::class);
        $this->expectExceptionMessage('Known units: mm, m, in');

        Unit::named('furlong');
    }

    public function test_an_unknown_unit_is_repeated_from_its_begin_and_no_longer_than_forty_letters(): void
    {
        $told = static fn (string $symbol): string => UnknownUnit::named($symbol)->why()->named['text'];

        self::assertSame('furlong', $told('furlong'));
        self::assertSame(str_repeat('é', 39).'z', $told(str_repeat('é', 39).'zy'));
    }

    public function test_the_ledger_text_is_short_and_rounded_half_up_only_at_the_third_place(): void
    {
        self::assertSame('18', Quantity::of('18.000', Unit::Millimetre)->text());
        self::assertSame('0.333', Quantity::of('1', Unit::Litre)->dividedBy(3)->text());
        self::assertSame('0.667', Quantity::of('2', Unit::Litre)->dividedBy(3)->text());
        self::assertSame('-1.5', Quantity::of('-1.50', Unit::Degree)->text());
    }

    public function test_a_litre_is_written_so_that_nobody_reads_a_one(): void
    {
        self::assertSame(
            ['L', '°C', 'mm', 'bar'],
            array_map(static fn (Unit $unit): string => $unit->symbol(), [
                Unit::Litre,
                Unit::Celsius,
                Unit::Millimetre,
                Unit::Bar,
            ]),
        );
    }
}
