<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\StoredPlan;
use App\Contract\JsonObject;
use App\Ledger\Contexts\ContextOfWalk;
use App\Models\Role;
use App\Models\Walk;
use App\Presenters\PresentPlan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use JadeLedger\Core\Catalogue\NotInTheCatalogue;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use Tests\Support\RealCatalogue;
use Tests\Support\YardTestCase;

/** A walk is judged by the plan that its tablet has, and not by what would be planned today. */
final class StoredPlanTest extends YardTestCase
{
    public function test_every_plan_is_read_as_it_was_planned(): void
    {
        $catalogue = RealCatalogue::get();
        $read = 0;
        foreach ($catalogue->models as $model) {
            foreach (Movement::cases() as $movement) {
                $own = $catalogue->concerning($model);
                $plan = (new PlanWalk($own))->for($model, $movement);
                $text = json_encode((new PresentPlan)->plan($plan, $own, $model), JSON_THROW_ON_ERROR);

                self::assertEquals(
                    $plan,
                    (new StoredPlan($own, $model))->read(JsonObject::parse($text)),
                    "{$model->id}, {$movement->value}",
                );
                $read++;
            }
        }
        self::assertGreaterThan(60, $read);
    }

    public function test_what_is_stored_decides_and_not_what_would_be_planned_today(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $body = $walk->plan->body;
        $left = array_pop($body['visits']);
        $other = $this->walkWith($walk, $body);

        $keys = array_map(
            static fn (PlannedLine $line): string => $line->key,
            $this->app->make(ContextOfWalk::class)($other, $this->person(Role::Technician))->plan->lines(),
        );

        self::assertSame(array_merge(...array_map(
            static fn (array $visit): array => array_column($visit['lines'], 'key'),
            $body['visits'],
        )), $keys);
        self::assertNotContains($left['lines'][0]['key'], $keys);
    }

    public function test_a_stored_plan_that_names_what_its_catalogue_does_not_know_is_refused(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $body = $walk->plan->body;
        $body['visits'][0]['lines'][0]['key'] = 'eng-no-such-check';
        $other = $this->walkWith($walk, $body);

        $this->expectException(NotInTheCatalogue::class);
        $this->app->make(ContextOfWalk::class)($other, $this->person(Role::Technician));
    }

    /** @param  array<string, mixed>  $body */
    private function walkWith(Walk $walk, array $body): Walk
    {
        $text = json_encode($body, JSON_THROW_ON_ERROR);
        $other = $walk->replicate(['id', 'standing_movement'])->forceFill([
            'id' => (string) Str::uuid7(),
            'hire_id' => $this->hireOf($this->machine)->id,
        ]);
        $other->save();
        DB::table('walk_plans')->insert([
            'walk_id' => $other->id,
            'catalogue_version' => $walk->plan->catalogue_version,
            'sha256' => hash('sha256', $text),
            'body' => $text,
            'created_at' => '2026-11-27 08:00:00',
        ]);

        return $other;
    }
}
