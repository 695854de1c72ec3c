<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use App\Models\Role;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Str;
use Tests\Support\RealCatalogue;
use Tests\Support\YardTestCase;

final class CatalogueTest extends YardTestCase
{
    public function test_for_every_model_the_catalogue_says_which_checks_apply_and_by_what(): void
    {
        $this->as(Role::Auditor);
        $models = $this->getJson('/api/models')->assertOk();
        $this->assertFits($models, 'ModelList');
        self::assertCount(count(RealCatalogue::get()->models), $models->json('models'));

        foreach (array_column($models->json('models'), 'id') as $id) {
            $model = $this->getJson("/api/models/{$id}")->assertOk();
            $this->assertFits($model, 'ModelDetail');
            $has = array_column($model->json('features'), 'id');
            foreach ($model->json('checks') as $check) {
                self::assertSame([], array_diff($check['by'], $has), "{$id} {$check['id']}");
                self::assertSame($check['applies'], $check['lacking'] === [] && $check['hindering'] === []);
            }
        }
    }

    public function test_what_a_walk_holds_is_what_the_catalogue_says_applies_at_that_movement(): void
    {
        $this->as(Role::Technician);
        $detail = $this->getJson("/api/models/{$this->machine->model_id}");
        // A machine that was never walked is asked what comes back with the calendar, too.
        $isAsked = static fn (array $check): bool => in_array('checkout', $check['occasions'], true)
            || (! in_array('return', $check['occasions'], true)
                && array_intersect(['weekly', 'monthly', 'half_yearly', 'yearly'], $check['occasions']) !== []);
        $applying = array_filter(
            $detail->json('checks'),
            static fn (array $check): bool => $check['applies'] && $isAsked($check),
        );
        $walk = $this->openWalk();
        $walked = array_unique(
            array_map(
                static fn (array $line): string => explode('@', $line['key'])[0],
                array_merge(...array_column($walk->plan->body['visits'], 'lines')),
            ),
        );

        self::assertEqualsCanonicalizing(array_column($applying, 'id'), $walked);
    }

    public function test_a_model_that_is_not_there_is_not_found(): void
    {
        $this->as(Role::Counter);

        $this->assertFits($this->getJson('/api/models/nobody_9000')->assertNotFound(), 'Problem');
    }

    public function test_the_lead_follows_another_school_and_plans_keep_to_it_from_then_on(): void
    {
        $this->as(Role::Technician);
        $before = $this->openWalk();
        $this->putJson('/api/house-rules/start_corner', [
            'value' => 'rear_left',
            'reason' => 'machines stand nose to the wall',
        ])->assertForbidden();
        $this->as(Role::Lead);
        $changed = $this->putJson('/api/house-rules/start_corner', [
            'value' => 'rear_left',
            'reason' => 'machines stand nose to the wall',
        ])->assertOk();
        $this->assertFits($changed, 'HouseRuleList');
        $rule = array_column($changed->json('rules'), null, 'id')['start_corner'];
        self::assertSame(
            ['rear_left', 'machines stand nose to the wall'],
            [$rule['value'], $rule['changes'][0]['reason']],
        );

        $after = $this->openWalk(
            'checkout',
            $this->hireOf(
                Machine::query()->create([
                    'fleet_number' => 'E-'.random_int(10_000, 99_999),
                    'model_id' => 'dromvik_14c',
                    'serial' => Str::random(12),
                    'bay' => 'bay 1',
                ]),
            ),
        );
        self::assertSame(
            ['front_left', 'rear_left'],
            [$before->plan->body['start_corner'], $after->plan->body['start_corner']],
        );
        self::assertNotSame($before->plan->catalogue_version, $after->plan->catalogue_version);
        $this->cross($before, 'cold_isolated');
    }

    public function test_a_school_that_is_not_there_or_no_reason_is_refused_and_the_rule_stays(): void
    {
        $this->as(Role::Lead);
        $this->assertFits(
            $this->putJson('/api/house-rules/start_corner', [
                'value' => 'the_roof',
                'reason' => 'better view',
            ])->assertStatus(422),
            'Problem',
        );
        $this->assertFits(
            $this->putJson('/api/house-rules/start_corner', ['value' => 'rear_left', 'reason' => ''])->assertStatus(
                422,
            ),
            'Problem',
        );
        $this->putJson('/api/house-rules/handover_margin_minutes', [
            'value' => 'soon',
            'reason' => 'as it comes',
        ])->assertStatus(422);
        $this->putJson('/api/house-rules/no_such_rule', ['value' => 'x', 'reason' => 'just so'])->assertNotFound();

        self::assertSame(
            'front_left',
            array_column($this->getJson('/api/house-rules')->json('rules'), null, 'id')['start_corner']['value'],
        );
    }

    public function test_two_rules_that_contradict_each_other_are_not_followed_together(): void
    {
        $this->as(Role::Lead);
        $this->putJson('/api/house-rules/restart_prevention', [
            'value' => 'key_only',
            'reason' => 'no isolators here',
        ])->assertOk();

        $refused = $this->putJson('/api/house-rules/slope_parking', [
            'value' => 'straight_and_chocked',
            'reason' => 'the yard slopes',
        ])->assertStatus(409);
        $this->assertFits($refused, 'Problem');
        self::assertStringContainsString('key and isolator', $refused->json('detail'));
        self::assertSame(
            'never',
            array_column($this->getJson('/api/house-rules')->json('rules'), null, 'id')['slope_parking']['value'],
        );
    }

    public function test_a_rule_that_leaves_a_machine_without_a_safe_order_is_refused_and_says_which_and_why(): void
    {
        $folder = sys_get_temp_dir().'/catalogue-'.Str::random(8);
        (new Filesystem)->copyDirectory(base_path('catalogue'), $folder);
        // A yard that wants the oil cold and, under one school, only after the machine has been driven.
        $rules = "{$folder}/rules/house.yaml";
        file_put_contents(
            $rules,
            str_replace(
                'name: "Always on booms, by assessment on masts", why:',
                'name: "Always on booms, by assessment on masts", gives: [rule_backwards], why:',
                (string) file_get_contents($rules),
            ),
        );
        file_put_contents(
            "{$folder}/checks/backwards.yaml",
            <<<'YAML'
            checks:
              - {id: warm-first, title: Driven first, how: Drive., accept: Warm., if_not: Drive., group: Engine, places: [seat], needs: drive, applies: {all: [driven, rule_backwards]}, occasions: [checkout], severity: hold, seconds: 10, source: {kind: house_rule, words: house rule}}
              - {id: cold-after, title: Cold after it, how: Feel., accept: Cold., if_not: Wait., group: Engine, places: [seat], needs: cold, applies: {all: [driven, rule_backwards]}, occasions: [checkout], severity: hold, seconds: 10, after: [warm-first], source: {kind: house_rule, words: house rule}}
            YAML);
        $this->app->instance(CatalogueRepository::class, new CatalogueRepository($folder, "{$folder}/compiled.php"));
        $this->as(Role::Lead);

        $refused = $this->putJson('/api/house-rules/lanyard', [
            'value' => 'booms_only',
            'reason' => 'as the sites ask',
        ])->assertStatus(409);

        $this->assertFits($refused, 'Problem');
        self::assertStringContainsString('cold-after', $refused->json('detail'));
        self::assertSame(
            'always',
            array_column($this->getJson('/api/house-rules')->json('rules'), null, 'id')['lanyard']['value'],
        );
        (new Filesystem())->deleteDirectory($folder);
    }

    public function test_each_house_rule_names_its_schools_their_reasons_and_the_one_that_is_followed(): void
    {
        $this->as(Role::Lead);
        $rules = $this->getJson('/api/house-rules')->assertOk();
        $this->assertFits($rules, 'HouseRuleList');

        foreach ($rules->json('rules') as $rule) {
            self::assertNotSame('', $rule['why'], $rule['id']);
            if (count($rule['schools']) > 1) {
                self::assertContains($rule['value'], array_column($rule['schools'], 'id'), $rule['id']);
            }
        }
    }
}
