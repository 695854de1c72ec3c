<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Machine;
use App\Models\MachineStatus;
use App\Models\Photo;
use App\Models\Reading;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** A battery truck with a meter of its pump beside the one of its key: each is read, checked and forecast by itself. */
final class SecondMeterTest extends YardTestCase
{
    private Machine $truck;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->truck = Machine::query()->create([
            'fleet_number' => 'F-77', 'model_id' => 'orrick_20e', 'serial' => Str::random(12), 'bay' => 'bay 3',
        ]);
        $this->as(Role::Technician);
    }

    public function test_each_meter_has_readings_of_its_own(): void
    {
        $this->read('2000.0')->assertJsonPath('results.0.problem', null);
        $this->read('700.0', ['meter' => 'work'])->assertJsonPath('results.0.problem', null);

        $service = $this->service();
        self::assertSame(['2000.0'], array_column($service->json('readings'), 'hours'));
        self::assertSame(['700.0'], array_column($service->json('work_meter.readings'), 'hours'));
        self::assertSame('700.0', $service->json('work_meter.hours_in_all'));
        self::assertSame('2000.0', MachineStatus::query()->findOrFail($this->truck->id)->smr_hours);
        $this->app->make(RebuildProjections::class)();
        self::assertSame($service->json(), $this->service()->json(), 'a rebuild gives the same');
    }

    /** The pump cannot run backwards, nor longer than the time that passed, whatever the other meter shows. */
    #[TestWith(['699.0'])]
    #[TestWith(['1999.0'])]
    public function test_a_figure_is_held_against_the_last_one_of_the_same_meter(string $figure): void
    {
        $this->read('2000.0');
        $this->read('700.0', ['meter' => 'work']);
        $this->travel(2)->days();
        $this->as(Role::Technician);

        $this->read($figure, ['meter' => 'work'])
            ->assertJsonPath('results.0.problem.type', '/problems/meter-contradicts');
        $this->read('704.5', ['meter' => 'work'])->assertJsonPath('results.0.problem', null);
    }

    public function test_work_that_goes_by_the_pump_is_due_by_the_pump(): void
    {
        $this->read('2000.0');
        $this->read('700.0', ['meter' => 'work']);
        $done = $this->entry('service.done', ['point' => 'svc-lift-oil']);
        $this->postJson("/api/machines/{$this->truck->id}/entries", ['entries' => [$done]])
            ->assertJsonPath('results.0.problem', null);

        $oil = $this->point('svc-lift-oil');
        self::assertSame(
            ['700.0', '1200.0', '500.0', 'work'],
            [$oil['last']['hours'], $oil['due_hours'], $oil['hours_left'], $oil['meter']],
        );
        $this->travel(60)->days();
        $this->as(Role::Technician);
        $this->read('2900.0');
        self::assertSame('500.0', $this->point('svc-lift-oil')['hours_left'], 'driving is not lifting');
        $this->read('1100.0', ['meter' => 'work']);
        self::assertSame('100.0', $this->point('svc-lift-oil')['hours_left']);
    }

    public function test_a_pump_meter_that_is_replaced_leaves_the_other_one_alone(): void
    {
        $this->read('2000.0');
        $this->read('700.0', ['meter' => 'work']);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $photo = str_repeat('ab', 32);
        Photo::query()->create([
            'sha256' => $photo, 'bytes' => 1, 'width' => 1, 'height' => 1, 'uploaded_by_id' => auth('web')->id(),
        ]);
        $this->postJson("/api/machines/{$this->truck->id}/entries", ['entries' => [$this->entry('meter.replaced', [
            'removed' => '702.0', 'began' => '0.0', 'photo' => $photo, 'reason' => 'The display was dead.',
            'meter' => 'work',
        ])]])->assertJsonPath('results.0.problem', null);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $this->read('3.0', ['meter' => 'work'])->assertJsonPath('results.0.problem', null);

        self::assertSame('705.0', $this->service()->json('work_meter.hours_in_all'));
        self::assertSame('2000.0', MachineStatus::query()->findOrFail($this->truck->id)->smr_hours);
        self::assertSame([], $this->service()->json('meter_changes'));
    }

    public function test_a_walk_reads_both_and_the_second_one_moves_nothing_of_the_first(): void
    {
        $hire = $this->hireOf($this->truck);
        $walk = $this->openWalk(hire: $hire);
        $this->walkThrough($walk, '2000.0', values: ['doc-work-meter' => '700.0']);

        $kinds = Reading::query()->where('machine_id', $this->truck->id)
            ->whereIn('line', ['doc-hour-meter', 'doc-work-meter'])->orderBy('line')->get()
            ->map(static fn (Reading $one): array => [$one->judgement['kind'], $one->is_valid])->all();
        self::assertSame([['hour_meter', true], ['work_meter', true]], $kinds);
        self::assertSame('2000.0', MachineStatus::query()->findOrFail($this->truck->id)->smr_hours);
        self::assertSame('700.0', $this->service()->json('work_meter.hours_in_all'));
    }

    public function test_a_machine_with_one_meter_has_no_second_one(): void
    {
        $response = $this->postJson("/api/machines/{$this->machine->id}/entries", [
            'entries' => [$this->entry('meter.read', ['hours' => '1.0', 'meter' => 'work'])],
        ]);

        self::assertSame('refused', $response->json('results.0.status') ?? 'refused');
        self::assertContains($response->getStatusCode(), [409, 422]);
        self::assertNull($this->getJson("/api/machines/{$this->machine->id}/service")->json('work_meter'));
    }

    /** @param  array<string, string>  $more */
    private function read(string $hours, array $more = []): TestResponse
    {
        return $this->postJson("/api/machines/{$this->truck->id}/entries", [
            'entries' => [$this->entry('meter.read', ['hours' => $hours] + $more)],
        ]);
    }

    private function service(): TestResponse
    {
        $service = $this->getJson("/api/machines/{$this->truck->id}/service")->assertOk();
        $this->assertFits($service, 'ServiceOfMachine');

        return $service;
    }

    /** @return array<string, mixed> */
    private function point(string $id): array
    {
        return array_column($this->service()->json('points'), null, 'id')[$id];
    }
}
