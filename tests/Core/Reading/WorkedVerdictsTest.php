<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Observed;
use JadeLedger\Core\Reading\Tyres\TyrePressure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/**
 * The arithmetic that stands under a verdict, worked by hand; laws and bands are held against their sources elsewhere.
 */
final class WorkedVerdictsTest extends TestCase
{
    /** @return iterable<string, array{string, string, Observation, list<string>, array<string, string>}> */
    public static function verdicts(): iterable
    {
        $of = static fn (string $value, Unit $unit): Quantity => Quantity::of($value, $unit);
        $tyre = ['wexmoor_l7', 'tyres_front'];
        yield 'a tyre that is low' => [
            ...$tyre, new Observation($of('300', Unit::Kilopascal)),
            ['300 ÷ 350 kPa = 85 %'], ['percent' => '85', 'change' => '50'],
        ];
        yield 'a tyre that is high' => [
            ...$tyre, new Observation($of('380', Unit::Kilopascal)),
            ['380 ÷ 350 kPa = 108 %'], ['percent' => '108', 'change' => '30'],
        ];
        // (350 + 101.325) × 313.15 ÷ 293.15 − 101.325 = 380.8 (Gay-Lussac)
        yield 'a warm tyre' => [
            ...$tyre,
            new Observation(
                $of('300', Unit::Kilopascal),
                [Observed::measured(TyrePressure::TEMPERATURE, $of('40', Unit::Celsius))],
            ),
            ['350 kPa at 20 °C = 381 kPa at 40 °C', '300 ÷ 381 kPa = 78 %'], ['percent' => '78', 'change' => '81'],
        ];
        yield 'a battery of 12 V' => [
            'ardlow_20b', 'battery', new Observation($of('12.45', Unit::Volt)), ['12.45 V → 75 %'], ['charge' => '75'],
        ];
        yield 'a battery of 24 V is two blocks' => [
            'dromvik_14c', 'battery', new Observation($of('24.48', Unit::Volt)), ['24.48 V → 50 %'], ['charge' => '50'],
        ];
        yield 'a voltage that is high' => [
            'brennock_g20', 'voltage', new Observation($of('240', Unit::Volt)),
            ['(240 − 230) ÷ 230 = 4.3 %'], ['off' => '4.3'],
        ];
        yield 'a voltage that is low' => [
            'brennock_g20', 'voltage', new Observation($of('220', Unit::Volt)),
            ['(220 − 230) ÷ 230 = -4.3 %'], ['off' => '-4.3'],
        ];
        // The strength goes with the square of the heel: 0.942857² = 0.88898.
        yield 'a heel' => [
            'fenwold_p20', 'fork_heel', new Observation($of('33', Unit::Millimetre)),
            ['33 mm ÷ 35 mm = 94.2 %', '90 % = 31.5 mm'], ['left' => '94.2', 'strength' => '88'],
        ];
        yield 'a chain' => [
            'fenwold_s12', 'lift_chain', new Observation($of('323', Unit::Millimetre)),
            ['20 × 15.875 mm = 317.5 mm', '(323 − 317.5) ÷ 317.5 = 1.73 %'], ['elongation' => '1.73'],
        ];
        yield 'a speed' => [
            'ardlow_20b', 'speed_raised', new Observation($of('12', Unit::Second)),
            ['3 m ÷ 12 s = 0.25 m/s'], ['speed' => '0.25'],
        ];
        // 0.42857, and never less than it was.
        yield 'a speed that is rounded up' => [
            'ardlow_20b', 'speed_raised', new Observation($of('7', Unit::Second)),
            ['3 m ÷ 7 s = 0.43 m/s'], ['speed' => '0.43'],
        ];
        yield 'no time at all' => [
            'ardlow_20b', 'speed_raised', new Observation($of('0', Unit::Second)),
            ['3 m ÷ 0 s = ∞ m/s'], ['speed' => '∞ m/s'],
        ];
        yield 'coolant that stands' => [
            'brennock_g60', 'coolant_freeze', new Observation($of('-30', Unit::Celsius)),
            ['-30 °C : -25 °C'], ['freeze' => '-30'],
        ];
        // By mass 37.2 and 42.3 %, by volume 35.0 and 40.0 % (density 1.10).
        // 9 × (40.04 − 35.00) ÷ (100 − 35.00) = 0.70
        yield 'coolant that is thin' => [
            'brennock_g60', 'coolant_freeze', new Observation($of('-20', Unit::Celsius)),
            ['-20 °C : 35 %, -25 °C : 40 %', '0.7 L'], ['litres' => '0.7'],
        ];
        $cells = static fn (string ...$all): Observation => new Observation(
            $of($all[0], Unit::SpecificGravity),
            points: array_map(static fn (string $one): Quantity => $of($one, Unit::SpecificGravity), $all),
        );
        yield 'cells that lie just near enough' => [
            'ardlow_12s', 'acid', $cells('1.277', '1.227', '1.258'), ['1.227 → 75 %'], ['charge' => '75'],
        ];
        yield 'cells that lie too far apart' => [
            'ardlow_12s', 'acid', $cells('1.277', '1.226', '1.258'),
            ['0.051 > 0.050'], ['spread' => '0.051', 'most' => '0.050'],
        ];
        yield 'acid by the hydrometer' => [
            'ardlow_12s', 'acid', new Observation($of('1.238', Unit::SpecificGravity)),
            ['1.238 → 80 %'], ['gravity' => '1.238', 'charge' => '80'],
        ];
    }

    /**
     * @param list<string> $working
     * @param array<string, string> $figures
     */
    #[DataProvider('verdicts')]
    public function test_the_working_is_what_a_pencil_gives(
        string $model,
        string $limit,
        Observation $observation,
        array $working,
        array $figures,
    ): void {
        $verdict = RealCatalogue::get()->model($model)->instrument($limit)->judge($observation);

        self::assertSame($working, $verdict->working);
        foreach ($figures as $name => $figure) {
            $told = $verdict->reason->figures[$name] ?? $verdict->act?->figures[$name] ?? null;
            self::assertSame($figure, $told instanceof Quantity ? $told->text() : $told, $name);
        }
    }
}
