<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Machine;
use App\Models\MachineStatus;
use App\Models\MeterReadingRecord;
use App\Models\Role;
use App\Models\ServiceForecast;
use App\Models\ServiceRecord;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** Service points: told when they are done, due by hours and by the calendar, and seen before they fall due on hire. */
final class ServiceTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->hire->update(['goes_out_at' => '2026-12-07 07:00:00', 'comes_back_at' => '2026-12-18 16:00:00']);
        $this->as(Role::Technician);
    }

    public function test_what_was_never_recorded_is_not_known_and_not_guessed(): void
    {
        $service = $this->service();

        self::assertNotSame([], $service->json('points'));
        self::assertSame(['not_known'], array_values(array_unique(array_column($service->json('points'), 'state'))));
        self::assertSame([null, []], [$service->json('hours_per_day'), $service->json('readings')]);
        $horizon = $this->horizon();
        self::assertSame(
            [[], count($service->json('points'))],
            [$horizon->json('machines'), $horizon->json('not_recorded')],
        );
    }

    public function test_a_service_that_is_done_is_due_again_by_its_hours_and_by_its_day(): void
    {
        $this->read('1000.0')->assertJsonPath('results.0.problem', null);
        $this->done('svc-oil', ['words' => 'Filter changed.'])->assertJsonPath('results.0.problem', null);

        $oil = $this->point('svc-oil');
        self::assertSame(
            ['1250.0', '2027-12-01', '250.0', 'later'],
            [$oil['due_hours'], $oil['due_on'], $oil['hours_left'], $oil['state']],
        );
        self::assertSame(
            ['2026-12-01', '1000.0', 'Filter changed.'],
            [$oil['last']['on'], $oil['last']['hours'], $oil['last']['words']],
        );
        // The drain of the separator belongs to it and is done with it.
        self::assertSame(
            ['1050.0', 'svc-oil'],
            [$this->point('svc-separator')['due_hours'], $this->point('svc-separator')['last']['with']],
        );
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries.0');
        self::assertSame(
            ['Service done', 'Engine oil and filter, 1000 h. Filter changed.'],
            [$trail['title'], $trail['words']],
        );

        $this->travel(2)->days();
        $this->as(Role::Technician);
        $this->read('1031.0');
        self::assertSame(
            ['19.0', '219.0'],
            [$this->point('svc-separator')['hours_left'], $this->point('svc-oil')['hours_left']],
        );
    }

    public function test_what_falls_due_on_a_hire_is_said_with_the_hire_and_its_day(): void
    {
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '770.0'])->assertJsonPath('results.0.problem', null);

        // 1 000 h today at a little over 4 h a day: 20 h are left, which are met on the fifth day from the 7th.
        $oil = $this->point('svc-oil');
        self::assertSame(['1020.0', '20.0', 'attend'], [$oil['due_hours'], $oil['hours_left'], $oil['mark']]);
        self::assertSame(['hire_id' => $this->hire->id, 'on' => '2026-12-11', 'day' => 5], $oil['on_hire']);
        self::assertSame('2026-12-05', $oil['likely']['day']);

        $meter = $this->service();
        self::assertSame(
            ['840.0', 'yard', false],
            [$meter->json('readings.0.hours'), $meter->json('readings.0.how'), $meter->json('readings.0.is_disputed')],
        );
        self::assertSame(['2026-12-01', '2026-12-31'], [$meter->json('expected.0.on'), $meter->json('expected.2.on')]);
        // Thirty days at a little over 4 h.
        self::assertEqualsWithDelta(1_120.5, (float) $meter->json('expected.2.likely'), 1.0);
        self::assertGreaterThanOrEqual(
            (float) $meter->json('expected.2.low'),
            (float) $meter->json('expected.2.likely'),
        );

        $machine = $this->horizon()->json('machines.0');
        self::assertSame([$this->machine->fleet_number, true], [$machine['fleet_number'], $machine['clashes']]);
        self::assertSame(
            ['Saltmarsh Drainage', '2026-12-07', '2026-12-18'],
            [$machine['hires'][0]['customer'], $machine['hires'][0]['from'], $machine['hires'][0]['until']],
        );
        $kit = array_column($this->horizon()->json('kit'), null, 'name');
        self::assertSame(
            ['1', [$this->machine->fleet_number]],
            [$kit['Oil filter']['quantity'], $kit['Oil filter']['machines']],
        );
        self::assertNull($kit['Engine oil, grade on the plate']['quantity'], 'to the mark, and not a figure of ours');
    }

    public function test_a_hire_that_was_never_fetched_is_no_hire_on_which_anything_falls_due(): void
    {
        $this->hire->update(['goes_out_at' => '2026-11-20 07:00:00', 'comes_back_at' => '2026-11-25 16:00:00']);
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '740.0'])->assertJsonPath('results.0.problem', null);
        self::assertSame(['due', null], [$this->point('svc-oil')['state'], $this->point('svc-oil')['on_hire']]);

        $this->hire->update(['comes_back_at' => '2026-12-01 16:00:00']);
        self::assertSame($this->hire->id, $this->point('svc-oil')['on_hire']['hire_id'] ?? null);
    }

    public function test_a_machine_leaves_over_work_that_falls_due_on_hire_only_with_a_condition(): void
    {
        $this->hire->update(['goes_out_at' => '2026-12-01 12:00:00', 'comes_back_at' => '2026-12-08 16:00:00']);
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '770.0']);
        $this->done('svc-grease-pivots', ['on' => '2026-09-01', 'hours' => '770.0']);
        $walk = $this->openWalk();
        $this->walkThrough($walk, '1000.1');

        $release = $this->getJson("/api/walks/{$walk->id}/release")->assertOk();
        $this->assertFits($release, 'Release');
        self::assertSame('held', $release->json('decision'));
        // Grease is overdue as well, and is the hirer's own and a note: it holds nothing.
        self::assertSame(['service:svc-oil'], array_column($release->json('grounds'), 'reference'));
        self::assertSame(
            'Due at 1020 h / 1 Sept 2027: on day 5 of this hire, 5 Dec 2026. '
                .'Do it before, come to the site, or have the machine brought in.',
            $release->json('grounds.0.words'),
        );
        $this->send(
            $walk,
            $this->entry('release.decided', ['decision' => 'released', 'conditions' => []]),
        )->assertStatus(409);
        $this->as(Role::Lead);
        $this->post_($walk, 'release.decided', ['decision' => 'released_with_conditions', 'conditions' => [
            ['reference' => 'service:svc-oil', 'words' => 'Moss comes to the sluice on Saturday.'],
        ]]);
        self::assertSame(
            'released_with_conditions',
            $this->getJson("/api/walks/{$walk->id}/release")->json('decided.decision'),
        );
    }

    public function test_the_hirer_is_told_what_their_own_people_do_and_from_which_day(): void
    {
        $this->hire->update(['goes_out_at' => '2026-12-01 12:00:00', 'comes_back_at' => '2026-12-08 16:00:00']);
        $this->pastReadings();
        $this->done(
            'svc-separator',
            ['on' => '2026-11-29', 'hours' => '965.0'],
        )->assertJsonPath('results.0.problem', null);
        $walk = $this->openWalk();

        $this->assertFits($briefing = $this->getJson("/api/walks/{$walk->id}/briefing")->assertOk(), 'Briefing');
        $grease = array_column($briefing->json('duties'), null, 'id')['svc-grease-pivots'];
        self::assertContains('Boom foot', array_column($grease['spots'], 'name'), 'the places by their names');
        $service = $this->getJson("/api/machines/{$this->machine->id}/service")->assertOk();
        $this->assertFits($service, 'ServiceOfMachine');
        $points = array_column($service->json('points'), null, 'id');
        self::assertSame($grease['spots'], $points['svc-grease-pivots']['spots']);
        self::assertNotNull($grease['spots'][0]['at'], 'where it lies on the drawing');
        self::assertEqualsCanonicalizing(range(1, count($points)), array_column($points, 'walked'), 'in walking order');
        self::assertSame('Engine', $points['svc-oil']['station']);
        $this->putJson('/api/session/preferences', ['language' => 'es'])->assertOk();
        $spanish = $this->getJson("/api/machines/{$this->machine->id}/service")->json('points');
        self::assertSame('Motor', array_column($spanish, 'station', 'id')['svc-oil']);
        // Grease was never recorded: from the first day. The bowl at 1 015 h: 15 h at a little over 4 h a day.
        self::assertSame(
            ['svc-grease-pivots' => 1, 'svc-separator' => 4],
            array_column($briefing->json('duties'), 'first_day', 'id'),
        );
        self::assertSame('10', array_column($briefing->json('duties'), 'every', 'id')['svc-grease-pivots']['hours']);
    }

    public function test_an_overdue_point_that_stops_holds_the_machine_until_it_is_done(): void
    {
        $this->useAnother('orrick_25g');
        $this->read('2000.0');
        $this->done(
            'svc-mast-chains',
            ['on' => '2026-02-01', 'hours' => '1900.0'],
        )->assertJsonPath('results.0.problem', null);
        $walk = $this->openWalk();
        $this->walkThrough($walk, '2000.1');
        $release = $this->getJson("/api/walks/{$walk->id}/release");
        self::assertSame(
            ['held', false],
            [$release->json('decision'), $release->json('may_be_released_with_conditions')],
        );

        $this->done('svc-mast-chains')->assertJsonPath('results.0.problem', null);
        self::assertSame('released', $this->getJson("/api/walks/{$walk->id}/release")->json('decision'));
    }

    public function test_a_service_that_counts_from_when_it_was_due_is_not_moved_by_being_late(): void
    {
        $this->read('1290.0');
        $this->done('svc-oil', ['on' => '2026-06-01', 'hours' => '1000.0']);
        $oil = $this->point('svc-oil');
        self::assertSame(['overdue', '-40.0', 'attend'], [$oil['state'], $oil['hours_left'], $oil['mark']]);

        $this->done('svc-oil', ['hours' => '1290.0'])->assertJsonPath('results.0.problem', null);
        self::assertSame('1500.0', $this->point('svc-oil')['due_hours']);
        $record = ServiceRecord::query()->where('point', 'svc-oil')->orderByDesc('done_on')->firstOrFail();
        self::assertSame(['1250.0', '2027-06-01'], [$record->was_due_at, substr((string) $record->was_due_on, 0, 10)]);
    }

    public function test_a_lead_takes_an_interval_from_the_manual_and_it_wins_over_the_common_one(): void
    {
        $this->read('1000.0');
        $this->done('svc-oil');
        $path = '/api/models/dromvik_14c/service-points';
        $set = ['hours' => 500, 'months' => 0, 'days' => 0, 'source' => 'Manual 14C, page 212'];
        $this->putJson("{$path}/svc-oil", $set)->assertForbidden();
        $lead = $this->as(Role::Lead);
        $this->assertFits($taken = $this->putJson("{$path}/svc-oil", $set)->assertOk(), 'Programme');
        $oil = array_column($taken->json('points'), null, 'id')['svc-oil'];
        self::assertSame(
            ['500', 0, 'Manual 14C, page 212', $lead->name],
            [$oil['every']['hours'], $oil['every']['months'], $oil['source']['words'], $oil['set']['by']['name']],
        );
        self::assertSame(['1500.0', null], [$this->point('svc-oil')['due_hours'], $this->point('svc-oil')['due_on']]);

        // Once more: the last one counts. Nothing at all is refused, and a model that is not there is not found.
        $this->putJson("{$path}/svc-oil", ['hours' => 200] + $set)->assertOk();
        self::assertSame('1200.0', $this->point('svc-oil')['due_hours']);
        $this->putJson("{$path}/svc-oil", ['hours' => null] + $set)->assertStatus(422)
            ->assertJsonPath('type', '/problems/interval-is-nothing');
        $this->putJson("{$path}/svc-blades", $set)->assertNotFound();
        $this->getJson('/api/models/nobody_9000/service-points')->assertNotFound();
        self::assertSame('1200.0', $this->point('svc-oil')['due_hours']);
        self::assertSame(
            '250',
            array_column(
                $this->getJson('/api/models/dromvik_8c/service-points')->json('points'),
                'every',
                'id',
            )['svc-oil']['hours'],
            'another model keeps its own',
        );
    }

    public function test_bad_input_is_told_and_nothing_is_written(): void
    {
        $this->read('1000.0');
        $is = static fn (string $problem): string => "/problems/{$problem}";
        $this->done('svc-nothing')->assertJsonPath('results.0.problem.type', $is('no-such-service-point'));
        $this->done('svc-blades')->assertJsonPath('results.0.problem.type', $is('no-such-service-point'));
        $this->done('svc-oil', ['on' => '2026-12-02'])->assertJsonPath('results.0.problem.type', $is('day-to-come'));
        $this->done('svc-oil', ['on' => '2026-02-30'])->assertJsonPath('results.0.problem.type', $is('no-such-day'));
        $this->done('svc-oil', ['hours' => '10000.0'])->assertJsonPath('results.0.problem.type', $is('too-many-hours'));
        self::assertSame(0, ServiceRecord::query()->count());
        // A decimal slip, backwards, and more than the time that passed.
        $this->travel(1)->days();
        $this->as(Role::Technician);
        foreach (['10040.0', '100.0', '1030.0'] as $hours) {
            $this->read($hours)->assertJsonPath('results.0.problem.type', $is('meter-contradicts'));
        }
        $this->read('900.0', '2027-01-01')->assertJsonPath('results.0.problem.type', $is('day-to-come'));
        $this->read('1100.0', '2026-11-01')->assertJsonPath('results.0.problem.type', $is('meter-contradicts'));
        self::assertSame(1, MeterReadingRecord::query()->count());
        $this->done('svc-oil')->assertJsonPath('results.0.problem', null);
        $this->done('svc-oil')->assertJsonPath('results.0.problem.type', $is('service-is-recorded'));
        self::assertSame(1, ServiceRecord::query()->count());

        $this->as(Role::Counter);
        $this->done('svc-500')->assertJsonPath('results.0.problem.type', $is('not-yours-to-do'));
    }

    public function test_the_meter_that_is_read_in_the_yard_is_the_one_that_the_next_walk_compares_with(): void
    {
        $this->read('1000.0');
        $walk = $this->openWalk();
        $this->walkUpTo($walk, 'doc-hour-meter');
        $this->send(
            $walk,
            $this->entry(
                'reading.posted',
                ['line' => 'doc-hour-meter', 'value' => '990.0', 'unit' => 'h', 'observed' => []],
            ),
        )
            ->assertJsonPath('results.0.problem.type', '/problems/meter-needs-confirming');
        self::assertSame('1000.0', MachineStatus::query()->findOrFail($this->machine->id)->smr_hours);
    }

    public function test_everything_is_there_again_when_the_projections_are_made_anew(): void
    {
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '770.0']);
        $before = [$this->service()->json(), MachineStatus::query()->get()->toArray()];
        $this->app->make(RebuildProjections::class)();

        self::assertSame($before, [$this->service()->json(), MachineStatus::query()->get()->toArray()]);
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_a_forecast_follows_readings_work_hires_the_day_and_the_programme(): void
    {
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '770.0']);
        $next = function (): ?string {
            $this->horizon();
            $ahead = DB::table('service_ahead')->where('machine_id', $this->machine->id)->where('point', 'svc-oil');

            return $ahead->value('day');
        };
        $clashes = fn (): bool => ServiceForecast::query()->findOrFail($this->machine->id)->clashes;
        self::assertSame(['2026-12-05', true], [$next(), $clashes()]);

        // A hire that is over before it is due is no clash; the likely day is the same.
        $this->hire->update(['goes_out_at' => '2026-12-02 07:00:00', 'comes_back_at' => '2026-12-03 16:00:00']);
        self::assertSame(['2026-12-05', false], [$next(), $clashes()]);

        $this->travel(1)->days();
        $this->as(Role::Technician);
        $this->read('1019.0');
        self::assertLessThan('2026-12-05', (string) $next());

        // The next day it is worked out again without anybody telling it to.
        $made = fn (): string => ServiceForecast::query()->findOrFail($this->machine->id)->made_on->format('Y-m-d');
        self::assertSame('2026-12-02', $made());
        $this->travel(1)->days();
        $this->as(Role::Lead);
        $this->horizon();
        self::assertSame('2026-12-03', $made());

        $interval = ['hours' => 900, 'months' => 0, 'days' => 0, 'source' => 'manual, page 12'];
        $this->putJson('/api/models/dromvik_14c/service-points/svc-oil', $interval)->assertOk();
        self::assertNull($this->dayWithin('svc-oil', $next()));

        $this->done('svc-oil')->assertJsonPath('results.0.problem', null);
        self::assertNull($this->dayWithin('svc-oil', $next()));
    }

    public function test_forecasts_that_were_thrown_away_come_to_the_same(): void
    {
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '770.0']);
        $before = $this->horizon()->json();
        self::assertNotSame([], $before['machines']);
        $this->app->make(RebuildProjections::class)();
        self::assertSame(0, ServiceForecast::query()->count());

        self::assertSame($before, $this->horizon()->json());
        ServiceForecast::becomeStale([$this->machine->id]);
        $this->artisan('service:forecast')->assertSuccessful();
        self::assertFalse(ServiceForecast::query()->findOrFail($this->machine->id)->is_stale);
    }

    public function test_the_horizon_comes_in_pages_by_family_and_by_day_or_clash(): void
    {
        $this->hire->update(['goes_out_at' => '2026-12-02 07:00:00', 'comes_back_at' => '2026-12-18 16:00:00']);
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '770.0']);
        $excavator = $this->machine->fleet_number;
        // A truck whose service is overdue, and that nobody hires.
        $this->machine = Machine::query()->create(
            ['fleet_number' => 'F-77', 'model_id' => 'fenwold_p20', 'serial' => 'TQF77', 'bay' => 'shed D'],
        );
        $this->read('500.0')->assertJsonPath('results.0.problem', null);
        $this->done('svc-truck-year', ['on' => '2025-01-01'])->assertJsonPath('results.0.problem', null);
        $numbers = fn (string $query): array => array_column(
            $this->getJson("/api/service{$query}")->assertOk()->json('machines'),
            'fleet_number',
        );

        self::assertSame(['F-77', $excavator], $numbers(''));
        self::assertSame([$excavator, 'F-77'], $numbers('?first=clash'));
        self::assertSame(['F-77'], $numbers('?family=pallet_truck'));
        self::assertSame([$excavator], $numbers('?from=1'));
        $horizon = $this->horizon();
        self::assertSame(
            [2, 1, false, 0],
            [
                $horizon->json('totals.machines'), $horizon->json('totals.clashes'),
                $horizon->json('has_more'), $horizon->json('waiting'),
            ],
        );
        self::assertEqualsCanonicalizing(
            ['tracked_excavator', 'pallet_truck'],
            array_column($horizon->json('families'), 'drawing'),
        );
    }

    public function test_a_yard_sees_nothing_of_another_yards_service(): void
    {
        $this->pastReadings();
        $this->done('svc-oil', ['on' => '2026-09-01', 'hours' => '770.0']);
        $own = $this->machine->id;
        $this->app->make(CurrentYard::class)->stepInto(
            Yard::query()->create(['name' => 'Grebe Plant', 'place' => 'Wennet', 'timezone' => 'Europe/London']),
        );
        Machine::query()->create(
            ['fleet_number' => 'X-1', 'model_id' => 'dromvik_14c', 'serial' => 'X1', 'bay' => null],
        );
        $this->as(Role::Technician);

        self::assertSame([], $this->horizon()->json('machines'));
        $this->getJson("/api/machines/{$own}/service")->assertNotFound();
    }

    private function useAnother(string $model): void
    {
        $this->machine = Machine::query()->create(
            [
                'fleet_number' => 'F-9'.random_int(100, 999),
                'model_id' => $model,
                'serial' => 'TQF'.random_int(1000, 9999),
                'bay' => 'shed D',
            ],
        );
        $this->hire = $this->hireOf($this->machine);
    }

    /** Four hours a day for forty days. */
    private function pastReadings(): void
    {
        $readings = [
            ['840.0', '2026-10-22'], ['880.0', '2026-11-01'], ['920.0', '2026-11-11'], ['960.0', '2026-11-21'],
            ['1000.0', null],
        ];
        foreach ($readings as [$hours, $on]) {
            $this->read($hours, $on)->assertJsonPath('results.0.problem', null);
        }
    }

    private function read(string $hours, ?string $on = null): TestResponse
    {
        return $this->postToMachine('meter.read', ['hours' => $hours] + ($on === null ? [] : ['on' => $on]));
    }

    /** @param  array<string, string>  $more */
    private function done(string $point, array $more = []): TestResponse
    {
        return $this->postToMachine('service.done', ['point' => $point] + $more);
    }

    /** @param  array<string, string>  $payload */
    private function postToMachine(string $kind, array $payload): TestResponse
    {
        return $this->postJson(
            "/api/machines/{$this->machine->id}/entries",
            ['entries' => [$this->entry($kind, $payload)]],
        );
    }

    /** @return array<string, mixed> */
    private function point(string $id): array
    {
        return array_column($this->service()->json('points'), null, 'id')[$id];
    }

    /** The day itself, where it is one of the next three weeks. */
    private function dayWithin(string $point, ?string $day): ?string
    {
        return $day !== null && $day <= CarbonImmutable::now()->addDays(21)->format('Y-m-d') ? "{$point} {$day}" : null;
    }

    private function service(): TestResponse
    {
        $this->assertFits(
            $service = $this->getJson("/api/machines/{$this->machine->id}/service")->assertOk(),
            'ServiceOfMachine',
        );

        return $service;
    }

    private function horizon(): TestResponse
    {
        $this->assertFits($horizon = $this->getJson('/api/service')->assertOk(), 'ServiceHorizon');

        return $horizon;
    }
}
