<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calendars\CalendarOfService;
use App\Models\AuditEntry;
use App\Models\Machine;
use App\Models\Role;
use App\Models\ServicePlan;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** Work is planned into days together, stands there with its kit until it is recorded, and is taken off again. */
final class ServicePlanTest extends YardTestCase
{
    private Machine $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->other = Machine::query()->create([
            'fleet_number' => 'E-99', 'model_id' => 'dromvik_14c', 'serial' => Str::random(12), 'bay' => 'bay 3',
        ]);
        $this->as(Role::Mechanic);
    }

    public function test_work_on_two_machines_goes_into_one_day_with_one_kit(): void
    {
        $planned = $this->plan('2026-12-03', [
            [$this->machine, 'svc-500'],
            [$this->other, 'svc-500'],
            [$this->other, 'svc-cab-filter'],
        ]);

        $this->assertFits($planned->assertOk(), 'ServicePlans');
        $day = $planned->json('planned.0');
        self::assertSame(['2026-12-03', 3], [$day['day'], count($day['work'])]);
        self::assertSame(
            ['Fuel filter' => '2', 'Fuel filter, water separating' => '2', 'Cab filter' => '1'],
            array_column($day['kit'], 'quantity', 'name'),
        );
        $this->assertFits($horizon = $this->getJson('/api/service')->assertOk(), 'ServiceHorizon');
        self::assertSame($planned->json('planned'), $horizon->json('planned'));
        self::assertSame(1, AuditEntry::query()->where('kind', 'service_planned')->count());
    }

    public function test_it_is_moved_to_another_day_and_taken_off(): void
    {
        $this->plan('2026-12-03', [[$this->machine, 'svc-oil']]);
        self::assertSame(
            ['2026-12-09'],
            array_column($this->plan('2026-12-09', [[$this->machine, 'svc-oil']])->json('planned'), 'day'),
        );

        self::assertSame([], $this->plan(null, [[$this->machine, 'svc-oil']])->assertOk()->json('planned'));
    }

    public function test_what_is_recorded_is_planned_no_more_until_somebody_plans_it_again(): void
    {
        $this->plan('2026-12-03', [[$this->machine, 'svc-oil']]);
        $this->travel(1)->minutes();
        $this->as(Role::Mechanic);
        $done = $this->entry('service.done', ['point' => 'svc-oil']);
        $this->postJson("/api/machines/{$this->machine->id}/entries", ['entries' => [$done]])
            ->assertJsonPath('results.0.status', 'posted');

        self::assertSame([], $this->getJson('/api/service')->json('planned'));
        $this->travel(1)->minutes();
        $this->as(Role::Mechanic);
        self::assertCount(1, $this->plan('2026-12-20', [[$this->machine, 'svc-oil']])->json('planned'));
    }

    /** All of it or nothing. */
    #[TestWith(['2026-11-30', 'svc-oil', 422, '/problems/day-is-past'])]
    #[TestWith(['2026-12-03', 'svc-nothing', 422, '/problems/no-such-service-point'])]
    #[TestWith(['2026-02-30', 'svc-oil', 422, null])]
    #[TestWith(['tomorrow', 'svc-oil', 422, null])]
    public function test_what_cannot_be_is_refused_and_nothing_is_planned(
        string $day,
        string $point,
        int $status,
        ?string $type,
    ): void {
        $refused = $this->plan($day, [[$this->machine, 'svc-oil'], [$this->other, $point]])->assertStatus($status);

        if ($type !== null) {
            $refused->assertJsonPath('type', $type);
        }
        self::assertSame(0, ServicePlan::query()->count());
    }

    #[TestWith([Role::Technician])]
    #[TestWith([Role::Counter])]
    #[TestWith([Role::Auditor])]
    public function test_others_plan_nothing(Role $role): void
    {
        $this->as($role);

        $this->plan('2026-12-03', [[$this->machine, 'svc-oil']])->assertForbidden();
    }

    public function test_the_plan_goes_out_as_a_table_and_comes_in_with_other_days(): void
    {
        $this->plan('2026-12-03', [[$this->other, 'svc-oil']]);
        $csv = (string) $this->get('/api/tables/plans')->assertOk()->getContent();
        self::assertStringContainsString('E-99,svc-oil,2026-12-03', $csv);

        $moved = "fleet_number;point;day\nE-99;svc-oil;9.12.2026\nE-99;svc-oil;1.11.2026\nE-99;svc-none;9.12.2026\n";
        $import = $this->postJson('/api/tables/plans', ['csv' => $moved, 'mode' => 'each_row'])->assertOk();
        self::assertSame(['taken', 'refused', 'refused'], array_column($import->json('rows'), 'outcome'));
        self::assertSame('2026-12-09', $this->getJson('/api/service')->json('planned.0.day'));
    }

    public function test_the_calendar_shows_it_on_the_day_that_it_is_planned_for(): void
    {
        DB::table('service_ahead')->insert([
            'machine_id' => $this->other->id, 'yard_id' => $this->other->yard_id, 'point' => 'svc-oil',
            'day' => '2026-12-20',
        ]);
        $before = $this->app->make(CalendarOfService::class)->at(CarbonImmutable::now());
        $this->plan('2026-12-03', [[$this->other, 'svc-oil']]);
        $after = $this->app->make(CalendarOfService::class)->at(CarbonImmutable::now());

        self::assertStringContainsString('DTSTART;VALUE=DATE:20261220', $before->text());
        self::assertStringContainsString('DTSTART;VALUE=DATE:20261203', $after->text());
        self::assertStringNotContainsString('20261220', $after->text());
    }

    public function test_a_machine_that_left_is_planned_for_no_more(): void
    {
        $this->plan('2026-12-03', [[$this->other, 'svc-oil']]);
        $this->other->update(['left_at' => now(), 'left_as' => 'sold']);

        self::assertSame([], $this->getJson('/api/service')->json('planned'));
        $this->plan('2026-12-04', [[$this->other, 'svc-oil']])->assertNotFound();
    }

    /** @param  list<array{Machine, string}>  $work */
    private function plan(?string $day, array $work): TestResponse
    {
        return $this->putJson('/api/service/plans', ['day' => $day, 'work' => array_map(
            static fn (array $one): array => ['machine_id' => $one[0]->id, 'point' => $one[1]],
            $work,
        )]);
    }
}
