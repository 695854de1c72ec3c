<?php

declare(strict_types=1);

namespace Tests\Core\Limits;

use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Limits\Platform\ReachPoint;
use JadeLedger\Core\Limits\Sheet\Entered;
use JadeLedger\Core\Limits\Sheet\Field;
use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\InputRefused;
use JadeLedger\Core\Limits\Sheet\LimitSheet;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetKind;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Limits\Truck\LoadChart;
use JadeLedger\Core\Limits\Truck\LoadZone;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/**
 * The sheets of the catalogue: their worked examples, their boundaries, and the laws that hold for whatever is
 * entered.
 */
final class LimitSheetTest extends TestCase
{
    use TestTrait;

    /**
     * Sheet, line of its ledger, and the figure of the example. Sources: published examples (ids of the tables in
     * tests/data), or worked by hand where none is published.
     *
     * @return iterable<string, array{string, string, string}>
     */
    public static function examples(): iterable
    {
        yield 'EN 280: 250 kg less 20 kg of rack' => ['platform-load', 'limits.on_the_floor', '230 kg'];
        yield 'EN 280: 12.5 m/s, by the house rule 2.5 m/s less where sheets go up' => [
            'wind',
            'limits.wind',
            '10 m_s',
        ];
        yield 'physics, p = F / A: 60 kN over 0.6 m' => ['pads', 'limits.it_presses', '167 kPa'];
        yield 'physics: root of 60 / 200, rounded up' => ['pads', 'limits.plate_at_least', '0.55 m'];
        yield 'physics: 8 t on two tracks of 0.45 m by 2.1 m is 41.51 kPa' => ['tracks', 'limits.it_presses', '42 kPa'];
        yield '29 CFR 1926 subpart P, table B-1: 1.5 for type C, 2 m deep, and 2 ft' => [
            'edge',
            'limits.from_the_edge',
            '3.7 m',
        ];
        yield 'handbook sum: 1.2 m³ of 1,800 kg/m³' => ['bucket', 'limits.heaped_it_weighs', '2160 kg'];
        yield 'statics: 2,500 kg at 500 mm, axle 480 mm, load at 600 mm' => [
            'load-centre',
            'limits.rated_load',
            '2268 kg',
        ];
        yield '29 CFR 1926.1408 table A: 10 ft, rounded up' => ['overhead-line', 'limits.keep_from_the_line', '3.1 m'];
        yield '49 CFR 393.130: four from 10,000 lb on' => ['tie-down', 'limits.tiedowns_at_least', '4 pcs'];
        yield '49 CFR 393.106(d): half of 10,886 kg' => ['tie-down', 'limits.limits_at_least', '5443 kg'];
        yield 'EN 12195-1: 8 t, 0.3, 35 and 40 degrees forward' => [
            'lashing',
            'limits.each_lashing_at_least',
            '2983 daN',
        ];
        yield 'handbook sum: a deck of 1.1 m and a machine of 2.85 m' => [
            'transport-size',
            'limits.height_on_the_lorry',
            '3.95 m',
        ];
        yield 'kinematics: 20 km/h, 1 s, 3 m/s² is 10.6996 m' => ['stopping', 'limits.stopping_distance', '10.7 m'];
        yield 'ISO 3691-1, from memory, to be confirmed: 100 mm' => ['drift', 'limits.it_may_sink', '100 mm'];
        yield 'ISO 14397-1: half of 9,000 kg at full turn' => ['tipping-share', 'limits.rated_load', '4500 kg'];
        yield 'handbook sum: 4.7 m³ of 1,800 kg/m³' => ['blade', 'limits.heaped_it_weighs', '8460 kg'];
        yield 'ISO 5057: nine tenths of a heel of 40 mm' => ['fork-condition', 'limits.heel_more_than', '36 mm'];
        yield 'common practice, no source: 350 kPa and a tenth' => ['wheels', 'limits.it_presses', '385 kPa'];
        yield 'EN 12195-1: 0.62 of the weight is 6.08 m/s²' => ['upright', 'limits.stands_sideways', '6 m_s2'];
        yield 'statics: four fifths of 8 t on an axle of 5.8 t' => ['axles', 'limits.rear_axle', '12200 kg'];
        yield 'trigonometry: arc sine of 0.9 / 3.5' => ['loading-ramp', 'limits.ramp_angle', '14.9 deg'];
        yield 'alternating current: 80 kW at 0.8 and 400 V' => ['generator', 'limits.running_current', '144.4 A'];
        yield 'handbook sum: 1.1 x 4.2 m³/min' => ['air', 'limits.air_needed', '4.7 m3_min'];
        yield 'handbook sum: half of 180,000 lm at 20 lx' => ['light', 'limits.lit_area', '4500 m2'];
        yield 'consumption of 220 g/kWh: 120 L at 7.857 L/h' => ['fuel', 'limits.full_tank_lasts', '15 h'];
        yield 'handbook sum: 250 Ah, 24 V, four fifths, 1.6 kW' => ['battery', 'limits.hours_left', '3 h'];
        yield 'ISO 5349-1: 4 m/s² for 3 h and 7.5 m/s² for 0.75 h' => [
            'vibration',
            'limits.vibration_of_the_day',
            '3.4 m_s2',
        ];
        yield 'ISO 1999: 95 dB for 1 h and 82 dB for 6 h is 87.1' => ['noise', 'limits.noise_of_the_day', '88 dB'];
    }

    #[DataProvider('examples')]
    public function test_an_example_comes_to_what_its_source_says(string $id, string $line, string $figure): void
    {
        $sheet = self::sheet($id);
        $ledger = [];
        foreach (self::compute($sheet, $sheet->example)->ledger as $one) {
            $ledger[$one->what->key] = "{$one->yours->text()} {$one->yours->unit->value}";
        }

        self::assertSame($figure, $ledger[$line] ?? implode(', ', array_keys($ledger)));
    }

    public function test_every_sheet_computes_its_example_and_is_of_a_kind_of_its_own(): void
    {
        $kinds = [];
        foreach (RealCatalogue::get()->limitSheets as $sheet) {
            $result = self::compute($sheet, $sheet->example);
            self::assertNotSame([], $result->ledger ?: $result->working, $sheet->id);
            $kinds[] = $sheet->kind->value;
        }

        self::assertEqualsCanonicalizing(array_column(SheetKind::cases(), 'value'), $kinds);
    }

    /** @return iterable<string, array{string, array<string, string>, Fits}> */
    public static function boundaries(): iterable
    {
        yield 'as much as it carries' => ['platform-load', ['tools' => '70'], Fits::Within];
        yield 'a kilogram more' => ['platform-load', ['tools' => '71'], Fits::Beyond];
        yield 'a gust at the limit' => ['wind', ['gusts' => '10'], Fits::Within];
        yield 'a gust a hundredth above it' => ['wind', ['gusts' => '10.01'], Fits::Beyond];
        yield 'a machine without a rating for wind, outdoors' => ['wind', ['rated' => '0'], Fits::Beyond];
        yield 'the same indoors' => ['wind', ['rated' => '0', 'indoors' => 'yes'], Fits::Within];
        yield 'a ground that carries just that' => ['pads', ['load' => '72'], Fits::Within];
        yield 'a newton more' => ['pads', ['load' => '72.001'], Fits::Beyond];
        yield 'at the distance from a line' => ['overhead-line', ['distance' => '3.1'], Fits::Within];
        yield 'a centimetre nearer' => ['overhead-line', ['distance' => '3.09'], Fits::Beyond];
        yield 'a line that is near and stands nowhere' => ['reach', ['lines' => 'yes'], Fits::Beyond];
        yield 'nobody said whether a line is near' => ['reach', ['lines' => 'unknown'], Fits::Within];
        yield 'an unknown voltage wants the largest distance' => [
            'overhead-line',
            ['voltage' => '', 'distance' => '13.7'],
            Fits::Beyond,
        ];
        yield 'five degrees where five are allowed' => ['slope', ['slope' => '5'], Fits::Within];
        yield 'just steeper' => ['slope', ['slope' => '5.01'], Fits::Beyond];
        yield 'a load at its capacity' => ['load-centre', ['load' => '2268'], Fits::Within];
        yield 'a kilogram beyond' => ['load-centre', ['load' => '2269'], Fits::Beyond];
        yield 'three chains on a heavy machine' => ['tie-down', ['count' => '3', 'limit' => '9000'], Fits::Beyond];
        yield 'a set whose start asks for too much' => [
            'generator',
            ['running' => '40', 'motor' => '15'],
            Fits::Beyond,
        ];
        yield 'the same motor started softly' => [
            'generator',
            ['running' => '30', 'motor' => '15', 'start' => 'soft'],
            Fits::Within,
        ];
        yield 'thin air' => ['generator', ['altitude' => '2000'], Fits::Beyond];
        yield 'a mower at fifteen degrees' => ['mow-slope', ['slope' => '15', 'rated' => '20'], Fits::Within];
        yield 'whatever its manual says' => ['mow-slope', ['slope' => '15.1', 'rated' => '20'], Fits::Beyond];
        yield 'a mast that sinks by what it may' => ['drift', ['lowered' => '100', 'tilted' => '5'], Fits::Within];
        yield 'a millimetre more' => ['drift', ['lowered' => '101'], Fits::Beyond];
        yield 'room to stop' => ['stopping', ['room' => '10.7'], Fits::Within];
        yield 'a centimetre too little' => ['stopping', ['room' => '10.69'], Fits::Beyond];
        yield 'as much as may be carried' => ['tipping-share', ['load' => '4500'], Fits::Within];
        yield 'a kilogram beyond the share' => ['tipping-share', ['load' => '4501'], Fits::Beyond];
        yield 'a heel at nine tenths is withdrawn' => ['fork-condition', ['heel' => '36'], Fits::Beyond];
        yield 'a tenth of a millimetre more serves' => ['fork-condition', ['heel' => '36.1'], Fits::Within];
        yield 'tips at three in a hundred' => ['fork-condition', ['tips' => '34.5'], Fits::Within];
        yield 'tips beyond it' => ['fork-condition', ['tips' => '34.6'], Fits::Beyond];
        yield 'a fork that is bent' => ['fork-condition', ['bend' => '5.8'], Fits::Beyond];
        yield 'a chain at three in a hundred' => ['fork-condition', ['chain' => '327.025'], Fits::Beyond];
        yield 'a chain just below it' => ['fork-condition', ['chain' => '327'], Fits::Within];
        yield 'ground that carries just that' => ['wheels', ['allowable' => '385'], Fits::Within];
        yield 'ground a kilopascal softer' => ['wheels', ['allowable' => '384'], Fits::Beyond];
        yield 'a load that just stands sideways' => ['upright', ['beside' => '0.51'], Fits::Within];
        yield 'one that leans on its edge' => ['upright', ['beside' => '0.5'], Fits::Beyond];
        yield 'one that tips when braking' => ['upright', ['ahead' => '0.8'], Fits::Beyond];
        yield 'an axle at its most' => ['axles', ['rear_most' => '12200'], Fits::Within];
        yield 'a kilogram beyond the axle' => ['axles', ['rear_most' => '12199'], Fits::Beyond];
        yield 'too far back to steer' => ['axles', ['behind' => '6.6', 'rear_most' => '60000'], Fits::Beyond];
        yield 'just under the bridge with its margin' => ['transport-size', ['bridge' => '4.1'], Fits::Within];
        yield 'a centimetre lower' => ['transport-size', ['bridge' => '4.09'], Fits::Beyond];
        yield 'Directive 96/53/EC: wider than 2.55 m' => ['transport-size', ['allowed_width' => '2.55'], Fits::Beyond];
        yield 'an implement that turns faster' => ['pto', ['implement' => '1000'], Fits::Beyond];
    }

    /** @param  array<string, string>  $changes to the example; an empty text leaves a field empty */
    #[DataProvider('boundaries')]
    public function test_the_limit_itself_is_within(string $id, array $changes, Fits $fits): void
    {
        $sheet = self::sheet($id);

        self::assertSame($fits, self::compute($sheet, array_merge($sheet->example, $changes))->fits);
    }

    /**
     * @return iterable<string, array{string, string, string, string}> sheet, field, what is entered, key of the
     *                                                                 refusal
     */
    public static function slips(): iterable
    {
        yield 'nothing' => ['platform-load', 'people', '', 'limits.missing'];
        yield 'a word' => ['platform-load', 'tools', 'some', 'limits.no_number'];
        yield 'less than nothing' => ['platform-load', 'tools', '-5', 'limits.negative'];
        yield 'half a person' => ['platform-load', 'people', '1.5', 'limits.not_whole'];
        yield 'ten times the machine' => ['platform-load', 'capacity', '2500', 'limits.far_too_large'];
        yield 'no load' => ['load-centre', 'load', '0', 'limits.zero'];
        yield 'a wall' => ['slope', 'slope', '60', 'limits.too_steep'];
        yield 'a right angle' => ['slope', 'slope', '90', 'limits.too_steep'];
        yield 'an upright lashing' => ['lashing', 'alpha', '90', 'limits.far_too_large'];
        yield 'ramps shorter than the deck is high' => ['loading-ramp', 'ramp', '0.9', 'limits.ramp_too_short'];
        yield 'soil of another planet' => ['edge', 'soil', 'dust', 'limits.no_choice'];
        yield 'a flat battery' => ['battery', 'charge', '20', 'limits.charge_it_first'];
    }

    #[DataProvider('slips')]
    public function test_what_cannot_be_computed_with_is_refused(
        string $id,
        string $field,
        string $value,
        string $key,
    ): void {
        $sheet = self::sheet($id);
        try {
            self::compute($sheet, array_merge($sheet->example, [$field => $value]));
            self::fail('It was computed with.');
        } catch (InputRefused $refused) {
            self::assertSame([$field, $key], [$refused->field, $refused->phrase->key]);
        }
    }

    public function test_pounds_that_were_typed_as_kilograms_are_noticed_and_not_changed(): void
    {
        $sheet = self::sheet('load-centre');
        $result = self::compute($sheet, array_merge($sheet->example, ['load' => '4400']));

        self::assertSame(Fits::Beyond, $result->fits);
        self::assertContains('limits.maybe_pounds', array_map(static fn ($phrase) => $phrase->key, $result->advice));
    }

    public function test_pounds_and_kilograms_come_to_the_same(): void
    {
        $sheet = self::sheet('load-centre');
        $inPounds = new SheetInputs(
            $sheet,
            array_merge(self::entered($sheet, $sheet->example), [
                'load' => new Entered('4850', Unit::Pound),
            ]),
        );

        // 4,850 lb are 2,199.92 kg: common knowledge, NIST SP 811.
        self::assertSame(Fits::Within, $sheet->compute($inPounds)->fits);
        self::assertSame('2199.923 kg', self::text($sheet->compute($inPounds)->says->figures['load']));
    }

    /**
     * @return iterable<string, array{string, string, int, int, string}> sheet, field, from, to, and the line of the
     *                                                                   ledger
     */
    public static function burdens(): iterable
    {
        yield 'further out' => ['load-centre', 'load_centre', 100, 1500, 'limits.rated_load'];
        yield 'a heavier attachment' => ['load-centre', 'attachment_mass', 0, 1500, 'limits.rated_load'];
        yield 'a deeper attachment' => ['load-centre', 'attachment_depth', 0, 800, 'limits.rated_load'];
        yield 'accessories' => ['platform-load', 'accessories', 0, 400, 'limits.on_the_floor'];
        yield 'sheets' => ['wind', 'less_for_sheets', 0, 12, 'limits.wind'];
        yield 'thin air' => ['generator', 'altitude', 0, 5000, 'limits.generator_power'];
        yield 'hot air' => ['generator', 'air', 0, 60, 'limits.generator_power'];
        yield 'shaking' => ['vibration', 'level', 1, 30, 'limits.hours_to_limit'];
        yield 'the load of an engine' => ['fuel', 'load', 1, 100, 'limits.full_tank_lasts'];
        yield 'the draw on a battery' => ['battery', 'draws', 1, 30, 'limits.hours_left'];
        yield 'a heavier attachment on a loader' => ['tipping-share', 'attachment', 0, 4000, 'limits.rated_load'];
        yield 'a higher centre' => ['upright', 'height', 1, 6, 'limits.stands_sideways'];
        yield 'the light that is wanted' => ['light', 'wanted', 1, 500, 'limits.spacing'];
    }

    #[DataProvider('burdens')]
    public function test_more_of_what_burdens_never_allows_more(
        string $id,
        string $field,
        int $from,
        int $to,
        string $line,
    ): void {
        $this->overPairs($from, $to, static function (string $less, string $more) use ($id, $field, $line): void {
            [$before, $after] = array_map(self::lineWith($id, $field, $line), [$less, $more]);
            self::assertFalse($after->isGreaterThan($before), "{$more} of {$field} allows more than {$less}.");
        });
    }

    /** @return iterable<string, array{string, string, int, int, string}> as above */
    public static function dangers(): iterable
    {
        yield 'voltage' => ['overhead-line', 'voltage', 1, 1500, 'limits.keep_from_the_line'];
        yield 'depth' => ['edge', 'depth', 1, 6, 'limits.from_the_edge'];
        yield 'load of a leg' => ['pads', 'load', 1, 500, 'limits.plate_at_least'];
        yield 'weight on a lorry' => ['tie-down', 'mass', 100, 40000, 'limits.limits_at_least'];
        yield 'weight and the number of chains' => ['tie-down', 'mass', 100, 40000, 'limits.tiedowns_at_least'];
        yield 'weight of what is lashed' => ['lashing', 'mass', 100, 40000, 'limits.each_lashing_at_least'];
        yield 'tools' => ['air', 'tools', 1, 90, 'limits.air_needed'];
        yield 'speed' => ['stopping', 'speed', 1, 80, 'limits.stopping_distance'];
        yield 'air in a tyre' => ['wheels', 'inflation', 50, 1200, 'limits.it_presses'];
        yield 'a machine further back on a lorry' => ['axles', 'behind', 1, 6, 'limits.rear_axle'];
        yield 'a heavier machine on a lorry' => ['axles', 'mass', 1000, 30000, 'limits.rear_axle'];
        yield 'noise' => ['noise', 'level', 60, 130, 'limits.noise_of_the_day'];
    }

    #[DataProvider('dangers')]
    public function test_more_of_what_is_dangerous_never_asks_for_less(
        string $id,
        string $field,
        int $from,
        int $to,
        string $line,
    ): void {
        $this->overPairs($from, $to, static function (string $less, string $more) use ($id, $field, $line): void {
            [$before, $after] = array_map(self::lineWith($id, $field, $line), [$less, $more]);
            self::assertFalse($after->isLessThan($before), "{$more} of {$field} asks for less than {$less}.");
        });
    }

    /** @param  \Closure(string, string): void  $then told two figures, the lesser first */
    private function overPairs(int $from, int $to, \Closure $then): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose($from, $to), Generators::choose($from, $to))
            ->then(static fn (int $a, int $b) => $then((string) min($a, $b), (string) max($a, $b)));
    }

    /** @return \Closure(string): Quantity the line of an example in which one field is another figure */
    private static function lineWith(string $id, string $field, string $line): \Closure
    {
        $sheet = self::sheet($id);

        return static fn (
            string $value,
        ): Quantity => self::lineOf(self::compute($sheet, array_merge($sheet->example, [$field => $value])), $line);
    }

    public function test_a_reach_is_never_more_below_a_lower_height_or_beside_a_line(): void
    {
        $sheet = self::sheet('reach');
        $within = static fn (array $more): bool => self::compute($sheet, array_merge($sheet->example, $more))->fits ===
            Fits::Within;
        $this->limitTo(300)
            ->forAll(
                Generators::choose(0, 140),
                Generators::choose(5, 200),
                Generators::choose(1, 120),
                Generators::choose(1, 140),
            )
            ->then(static function (int $out, int $up, int $below, int $line) use ($within): void {
                $job = ['job_out' => (string) ($out / 10), 'job_up' => (string) ($up / 10)];
                $lower = $job + ['keep_below' => (string) ($below / 10)];
                $beside = $job + [
                    'lines' => 'yes',
                    'line_out' => (string) ($line / 10),
                    'line_up' => '9',
                    'voltage' => '11',
                ];
                self::assertFalse($within($lower) && ! $within($job));
                self::assertFalse($within($beside) && ! $within($job));
            });
    }

    public function test_the_picture_of_a_reach_shows_what_is_kept_out_of(): void
    {
        $sheet = self::sheet('reach');
        $result = self::compute(
            $sheet,
            array_merge($sheet->example, [
                'lines' => 'yes',
                'line_out' => '12.4',
                'line_up' => '10.8',
                'voltage' => '11',
                'keep_below' => '0.7',
            ]),
        );

        self::assertSame('limits.in_reach', $result->says->key);
        self::assertSame('17.5 m', self::text(self::lineOf($result, 'limits.floor_height')));
        self::assertSame('3.048 m', self::text($result->picture?->keepOut));
        self::assertTrue($result->picture->yours?->contains(ReachPoint::metres('6', '14.5')));
        self::assertFalse($result->picture->yours->contains(ReachPoint::metres('0', '17.6')));
    }

    private static function sheet(string $id): LimitSheet
    {
        foreach (RealCatalogue::get()->limitSheets as $sheet) {
            if ($sheet->id === $id) {
                return $sheet;
            }
        }
        self::fail("There is no sheet {$id}.");
    }

    /** @param  array<string, string>  $values */
    private static function compute(LimitSheet $sheet, array $values): SheetResult
    {
        $model = RealCatalogue::get()->model('ardlow_20b');
        $square = ReachChart::through([
            ReachPoint::metres('0', '0'),
            ReachPoint::metres('2', '0'),
            ReachPoint::metres('2', '5'),
            ReachPoint::metres('0', '5'),
        ]);

        return $sheet->compute(
            new SheetInputs(
                $sheet,
                self::entered($sheet, $values),
                array_filter([
                    'reach' => $model->plate?->reach,
                    'zones' => new LoadChart([new LoadZone(Quantity::of(2600, Unit::Kilogram), $square)]),
                ]),
            ),
        );
    }

    /**
     * @param array<string, string> $values
     * @return array<string, Entered>
     */
    private static function entered(LimitSheet $sheet, array $values): array
    {
        $units = array_column(
            array_map(static fn (Field $field): array => [$field->name, $field->unit], $sheet->fields),
            1,
            0,
        );
        $entered = [];
        foreach (array_filter($values, static fn (string $value): bool => $value !== '') as $name => $value) {
            $entered[$name] = new Entered($value, $units[$name]);
        }

        return $entered;
    }

    private static function lineOf(SheetResult $result, string $key): Quantity
    {
        foreach ($result->ledger as $line) {
            if ($line->what->key === $key) {
                return $line->yours;
            }
        }
        self::fail("There is no line {$key}.");
    }

    private static function text(mixed $quantity): string
    {
        self::assertInstanceOf(Quantity::class, $quantity);

        return "{$quantity->text()} {$quantity->unit->value}";
    }
}
