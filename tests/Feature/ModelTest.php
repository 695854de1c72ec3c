<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\ModelSheet;
use App\Catalogue\ModelTable;
use App\Models\Machine;
use App\Models\Role;
use App\Models\YardModel;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\RealCatalogue;
use Tests\Support\YardTestCase;

/** Models that the yard writes down itself, one at a time and from a table. */
final class ModelTest extends YardTestCase
{
    public function test_the_lead_writes_a_model_down_and_it_is_walked_like_any_other(): void
    {
        $this->as(Role::Lead);
        $kept = $this->postJson('/api/models', $this->sheet())->assertCreated();
        $this->assertFits($kept, 'ModelDetail');
        self::assertSame(['kelderhay_e18', '18600'], [$kept->json('model.id'), $kept->json('sheet.mass_kg')]);
        $this->assertFits($this->getJson('/api/models'), 'ModelList');

        $this->as(Role::Technician);
        $machine = Machine::query()->create([
            'fleet_number' => 'E-'.random_int(10_000, 99_999),
            'model_id' => 'kelderhay_e18',
            'serial' => Str::random(12),
            'bay' => 'bay 1',
        ]);
        $walk = $this->openWalk('checkout', $this->hireOf($machine));
        $secured = array_column($walk->plan->body['stages'], null, 'id')['secured'];
        self::assertSame(
            210,
            array_column($secured['lines'], null, 'id')['purge']['wait_seconds'],
            'the purge of this model',
        );
    }

    public function test_as_features_are_chosen_the_sheet_asks_for_the_limits_that_come_with_them(): void
    {
        $this->as(Role::Lead);
        $plain = $this->asks('tracked_excavator', []);
        $clean = $this->asks('tracked_excavator', ['def', 'isolator']);

        self::assertSame(['def', 'purge'], array_values(array_diff(array_keys($clean), array_keys($plain))));
        self::assertContains('Exhaust fluid in the tank', $clean['def']['asked_by']);
        self::assertSame(['purge.seconds'], array_column($clean['purge']['fields'], 'name'));
        $this->assertFits($this->getJson('/api/model-drafts')->assertOk(), 'ModelChoices');
        $this->assertFits(
            $this->postJson('/api/model-drafts', ['family' => 'flying_carpet', 'features' => []])->assertNotFound(),
            'Problem',
        );
    }

    public function test_a_limit_that_a_check_needs_is_asked_for_and_never_guessed(): void
    {
        $this->as(Role::Lead);
        $sheet = $this->sheet();
        unset($sheet['limits']['def.marks.full'], $sheet['limits']['purge.seconds']);

        $refused = $this->postJson('/api/models', $sheet)->assertStatus(422);

        $this->assertFits($refused, 'Problem');
        self::assertEqualsCanonicalizing(['def.marks.full', 'purge.seconds'], array_keys($refused->json('field')));
        self::assertStringContainsString('Exhaust fluid in the tank', $refused->json('field')['def.marks.full'][0]);
        self::assertSame(0, YardModel::query()->count());
    }

    /** @param  array<string, mixed>  $change */
    #[TestWith([['family' => 'flying_carpet'], 'family'], 'a family that nobody drew')]
    #[TestWith([['features' => ['def', 'isolater']], 'features'], 'a feature with a slip of the pen')]
    #[TestWith([['mass_kg' => 'eighteen'], 'mass_kg'], 'a mass in words')]
    #[TestWith([['mass_kg' => '0'], 'mass_kg'], 'a machine without a mass')]
    #[TestWith([['source' => ' '], 'source'], 'limits from nowhere')]
    #[TestWith([['maker' => 'Dromvik', 'name' => '14 C'], 'name'], 'a model that is there already')]
    #[TestWith([['limits' => ['engine_oil.cold.add' => 'a finger']], 'engine_oil.cold.add'], 'a mark in words')]
    #[TestWith([['limits' => ['engine_oil.cold.add' => '90']], 'limits'], 'marks that do not rise')]
    #[TestWith([['limits' => ['fuel.unit' => 'buckets']], 'fuel.unit'], 'a unit of its own')]
    #[TestWith([['limits' => ['coffee.marks.add' => '3']], 'coffee.marks.add'], 'a figure that nothing asks for')]
    public function test_what_is_wrong_is_said_at_its_field_and_nothing_is_kept(array $change, string $field): void
    {
        $this->as(Role::Lead);
        $sheet = $this->sheet();
        $limits = ($change['limits'] ?? []) + $sheet['limits'];

        $refused = $this->postJson('/api/models', ['limits' => $limits] + $change + $sheet)->assertStatus(422);

        $this->assertFits($refused, 'Problem');
        self::assertSame([$field], array_keys($refused->json('field')), json_encode($refused->json('field')) ?: '');
        self::assertSame(0, YardModel::query()->count());
    }

    public function test_a_slip_of_the_pen_is_answered_with_the_nearest_name(): void
    {
        $this->as(Role::Lead);
        $refused = $this->postJson('/api/models', ['features' => ['isolater']] + $this->sheet());

        self::assertStringContainsString('"isolator"', $refused->json('field.features.0'));
    }

    public function test_a_correction_is_kept_beside_what_was_there_and_open_walks_keep_the_model_as_it_was(): void
    {
        $this->as(Role::Lead);
        $this->postJson('/api/models', $this->sheet())->assertCreated();
        $walk = $this->openWalk(
            'checkout',
            $this->hireOf(
                Machine::query()->create([
                    'fleet_number' => 'E-'.random_int(10_000, 99_999),
                    'model_id' => 'kelderhay_e18',
                    'serial' => Str::random(12),
                    'bay' => 'bay 1',
                ]),
            ),
        );
        $sheet = $this->sheet();
        $sheet['limits']['purge.seconds'] = '300';

        $corrected = $this->putJson('/api/models/kelderhay_e18', $sheet)->assertOk();

        $this->assertFits($corrected, 'ModelDetail');
        self::assertSame(
            ['300', 2],
            [$corrected->json('sheet.limits')['purge.seconds'], count($corrected->json('kept'))],
        );
        $this->cross($walk, 'cold_isolated');
        $this->putJson('/api/models/dromvik_14c', ['maker' => 'Dromvik', 'name' => '14 C'] + $sheet)->assertStatus(409);
        $this->putJson('/api/models/nobody_9', $sheet)->assertNotFound();
        $renamed = $this->putJson('/api/models/kelderhay_e18', ['name' => 'E19'] + $sheet)->assertStatus(422);
        self::assertSame(['name'], array_keys($renamed->json('field')));
    }

    #[TestWith([Role::Technician])]
    #[TestWith([Role::Mechanic])]
    #[TestWith([Role::Counter])]
    #[TestWith([Role::Auditor])]
    public function test_only_the_lead_writes_models_down(Role $role): void
    {
        $this->as($role);
        $this->postJson('/api/models', $this->sheet())->assertForbidden();
        $this->putJson('/api/models/kelderhay_e18', $this->sheet())->assertForbidden();
        $this->postJson('/api/model-drafts', ['family' => 'dozer', 'features' => []])->assertForbidden();
        $this->postJson('/api/model-table', ['csv' => 'family', 'mode' => 'each_row'])->assertForbidden();
    }

    /** A law: what goes out as a table comes back in as the same models. */
    public function test_the_whole_catalogue_goes_out_as_a_table_and_comes_back_under_other_names_as_it_was(): void
    {
        $this->as(Role::Lead);
        $table = (string) $this->get('/api/model-table')->assertOk()->getContent();
        $renamed = (string) preg_replace_callback(
            '/^([a-z_]+),("?)([A-Z][a-z]+)/m',
            static fn (array $found): string => "{$found[1]},{$found[2]}Again {$found[3]}",
            $table,
        );

        $import = $this->postJson('/api/model-table', ['csv' => $renamed, 'mode' => 'all_or_nothing'])->assertOk();

        $this->assertFits($import, 'ModelImport');
        self::assertSame(
            [],
            array_filter($import->json('rows'), static fn (array $row): bool => $row['outcome'] !== 'taken'),
        );
        $bodies = YardModel::bodies();
        foreach (RealCatalogue::compiled()->trees as $file => $tree) {
            if (str_starts_with($file, 'models/')) {
                $again =
                    $bodies[
                        'again_'.
                            strtolower(
                                (string) preg_replace('/[^A-Za-z0-9]+/', '_', "{$tree['maker']} {$tree['name']}"),
                            )
                    ];
                self::assertSame($tree['features'], $again['features'], $tree['id']);
                self::assertEquals(
                    array_map($this->withoutSource(...), $tree['limits']),
                    array_map($this->withoutSource(...), $again['limits']),
                    $tree['id'],
                );
            }
        }
    }

    public function test_a_row_that_fails_is_reported_by_its_number_and_the_others_are_taken(): void
    {
        $this->as(Role::Lead);
        $good = $this->sheet();
        $import = $this->import(
            [
                $good,
                ['family' => 'flying_carpet', 'name' => 'E20'] + $good,
                ['name' => 'E21', 'limits' => ['def.marks.full' => ''] + $good['limits']] + $good,
                ['name' => 'E22'] + $good,
                $good,
            ],
            'each_row',
        );

        $this->assertFits($import, 'ModelImport');
        self::assertSame(
            ['taken', 'refused', 'refused', 'taken', 'refused'],
            array_column($import->json('rows'), 'outcome'),
        );
        self::assertSame([2, 3, 4, 5, 6], array_column($import->json('rows'), 'row'));
        self::assertSame(['family'], array_keys($import->json('rows.1.field')));
        self::assertSame(['def.marks.full'], array_keys($import->json('rows.2.field')));
        self::assertStringContainsString('row 2', $import->json('rows.4.field.name.0'));
        self::assertEqualsCanonicalizing(['kelderhay_e18', 'kelderhay_e22'], array_keys(YardModel::bodies()));
    }

    public function test_all_or_nothing_takes_nothing_when_one_row_fails_and_says_which(): void
    {
        $this->as(Role::Lead);
        $good = $this->sheet();
        $import = $this->import([$good, ['family' => 'flying_carpet', 'name' => 'E20'] + $good], 'all_or_nothing');

        self::assertSame(['held_back', 'refused'], array_column($import->json('rows'), 'outcome'));
        self::assertSame([], YardModel::bodies());
    }

    /** What a spreadsheet would work out when the table is opened in one: OWASP, CSV injection. */
    public function test_no_cell_of_the_table_is_a_formula_and_it_comes_back_as_it_was(): void
    {
        $sheet = new ModelSheet('excavator', '=cmd', '+1+2', '@SUM(A1)', '14200', ['tracks'], '-source', [
            'freeze.needed_c' => '-25',
        ]);

        $table = ModelTable::write([$sheet]);

        self::assertStringContainsString("'=cmd,'+1+2,'@SUM(A1),14200,tracks,'-source,-25", $table);
        $back = array_values(ModelTable::read($table))[0];
        self::assertSame(
            ['=cmd', '+1+2', '@SUM(A1)', '-source'],
            [$back->maker, $back->name, $back->describes, $back->source],
        );
        self::assertSame('-25', $back->limits['freeze.needed_c']);
    }

    #[TestWith(["maker,name\nKelderhay,E18\n", 'family'], 'columns are missing')]
    #[
        TestWith(
            ["family,maker,name,describes,mass_kg,features,source,colour\nx,x,x,x,1,,x,red\n", 'colour'],
            'a column that nothing reads',
        ),
    ]
    #[TestWith(["family,maker,name,describes,mass_kg,features,source\n", 'below the head line'], 'no rows')]
    #[TestWith(['', 'csv'], 'nothing at all')]
    public function test_a_table_that_cannot_be_read_is_refused_whole_and_says_why(string $csv, string $says): void
    {
        $this->as(Role::Lead);
        $refused = $this->postJson('/api/model-table', ['csv' => $csv, 'mode' => 'each_row'])->assertStatus(422);

        $this->assertFits($refused, 'Problem');
        self::assertStringContainsString($says, $refused->json('detail'));
    }

    public function test_a_table_with_semicolons_and_a_mark_for_utf_8_is_read_as_well(): void
    {
        $this->as(Role::Lead);
        $table = $this->table([$this->sheet()], ';');
        $import = $this->postJson('/api/model-table', ['csv' => "\u{FEFF}".$table, 'mode' => 'each_row'])->assertOk();

        self::assertSame(['taken'], array_column($import->json('rows'), 'outcome'));
    }

    /** @return array<string, array<string, mixed>> by the name of the limit */
    private function asks(string $family, array $features): array
    {
        $draft = $this->postJson('/api/model-drafts', ['family' => $family, 'features' => $features])->assertOk();
        $this->assertFits($draft, 'ModelDraft');

        return array_column($draft->json('limits'), null, 'name');
    }

    /** @param  list<array<string, mixed>>  $sheets */
    private function import(array $sheets, string $mode): TestResponse
    {
        return $this->postJson('/api/model-table', ['csv' => $this->table($sheets, ','), 'mode' => $mode])->assertOk();
    }

    /** @param  list<array<string, mixed>>  $sheets */
    private function table(array $sheets, string $separator): string
    {
        $columns = array_keys($sheets[0]['limits']);
        $rows = [
            implode($separator, ['family', 'maker', 'name', 'describes', 'mass_kg', 'features', 'source', ...$columns]),
        ];
        foreach ($sheets as $sheet) {
            $rows[] = implode($separator, [
                $sheet['family'],
                $sheet['maker'],
                $sheet['name'],
                '"'.$sheet['describes'].'"',
                $sheet['mass_kg'],
                implode(' ', $sheet['features']),
                '"'.$sheet['source'].'"',
                ...array_map(static fn (string $column): string => '"'.$sheet['limits'][$column].'"', $columns),
            ]);
        }

        return implode("\r\n", $rows)."\r\n";
    }

    /** @param  array<string, mixed>  $limit @return array<string, mixed> */
    private function withoutSource(array $limit): array
    {
        return array_diff_key($limit, ['source' => true]);
    }

    /** @return array<string, mixed> a tracked excavator of an invented maker, with every figure that is asked for */
    private function sheet(): array
    {
        return [
            'family' => 'tracked_excavator',
            'maker' => 'Kelderhay',
            'name' => 'E18',
            'describes' => '18 t tracked excavator, "long stick"',
            'mass_kg' => '18600',
            'features' => ['def', 'isolator', 'turbocharger'],
            'source' => "maker's manual, E18, page 212",
            'limits' => [
                'hour_meter.whole_digits' => '5',
                'hour_meter.decimals' => '1',
                'engine_oil.cold.lowest' => '-10',
                'engine_oil.cold.add' => '0',
                'engine_oil.cold.full' => '28',
                'engine_oil.cold.highest' => '44',
                'engine_oil.fluid.name' => '15W-40',
                'engine_oil.fluid.litres_per_unit' => '0.25',
                'engine_oil.fluid.settle_minutes' => '10',
                'coolant.unit' => 'mm',
                'coolant.need' => 'to_run',
                'coolant.marks.lowest' => '0',
                'coolant.marks.add' => '12',
                'coolant.marks.full' => '34',
                'coolant.marks.highest' => '56',
                'coolant.fluid.name' => 'coolant, pre-mixed',
                'coolant.fluid.litres_per_unit' => '0.06',
                'coolant.fluid.settle_minutes' => '5',
                'hydraulic_oil.diameter_mm' => '50',
                'hydraulic_oil.marks.lowest' => '0',
                'hydraulic_oil.marks.add' => '15',
                'hydraulic_oil.marks.full' => '35',
                'hydraulic_oil.marks.highest' => '50',
                'hydraulic_oil.fluid.name' => 'HVLP 46',
                'hydraulic_oil.fluid.litres_per_unit' => '0.5',
                'hydraulic_oil.fluid.settle_minutes' => '5',
                'fuel.unit' => 'l',
                'fuel.need' => 'for_the_hire',
                'fuel.marks.lowest' => '0',
                'fuel.marks.add' => '250',
                'fuel.marks.full' => '270',
                'fuel.marks.highest' => '300',
                'fuel.fluid.name' => 'diesel',
                'fuel.fluid.litres_per_unit' => '1',
                'fuel.fluid.settle_minutes' => '1',
                'def.unit' => 'l',
                'def.need' => 'for_the_hire',
                'def.marks.lowest' => '3',
                'def.marks.add' => '27',
                'def.marks.full' => '30',
                'def.marks.highest' => '31',
                'def.fluid.name' => 'exhaust fluid',
                'def.fluid.litres_per_unit' => '1',
                'def.fluid.settle_minutes' => '1',
                'purge.seconds' => '210',
                'battery.nominal_v' => '24',
                'track.least_mm' => '30',
                'track.most_mm' => '60',
                'keys.pieces' => 'keys',
                'keys.expected' => '2',
                'manual.pieces' => 'manuals',
                'manual.expected' => '1',
            ],
        ];
    }
}
