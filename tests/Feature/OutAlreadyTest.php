<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** A machine that left before the yard kept this record, or on paper: it is out, and comes back as any other. */
final class OutAlreadyTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-02T08:00:00Z'));
        $this->hire->update(['goes_out_at' => '2026-12-01 07:00:00', 'comes_back_at' => '2026-12-02 16:00:00']);
        $this->as(Role::Counter);
    }

    public function test_it_is_out_since_the_hire_began_and_comes_back_by_a_walk(): void
    {
        $this->outAlready()->assertOk()->assertJsonPath('results.0.problem', null);

        self::assertSame(MachineStanding::Out, MachineStatus::query()->findOrFail($this->machine->id)->standing);
        $state = HireState::query()->findOrFail($this->hire->id);
        self::assertSame([HireStatus::Out, '2026-12-01 07:00:00', null], [
            $state->standing, $state->out_at?->format('Y-m-d H:i:s'), $state->out_walk_id,
        ]);
        $this->getJson("/api/hires/{$this->hire->id}/spread")->assertStatus(409);

        $this->as(Role::Technician);
        $this->postJson("/api/hires/{$this->hire->id}/walks", [
            'id' => (string) Str::uuid7(), 'movement' => 'checkout', 'recorded_at' => self::now(),
        ])->assertStatus(409);
        $walk = $this->openWalk('return');
        $this->cross($walk, 'as_found');
        $this->post_(
            $walk,
            'finding.placed',
            ['at' => ['x' => 120, 'y' => 300], 'kind' => 'dent', 'words' => 'Door', 'photos' => []],
        );
        $spread = $this->getJson("/api/hires/{$this->hire->id}/spread")->assertOk();
        $this->assertFits($spread, 'Spread');
        self::assertSame([null, null, $walk->id], [
            $spread->json('out_by'), $spread->json('out_walk_id'), $spread->json('in_walk_id'),
        ]);
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->assertOk();
        self::assertContains('Before we kept this', array_column($trail->json('entries'), 'words'));
    }

    public function test_it_is_out_again_when_the_projections_are_made_anew(): void
    {
        $this->outAlready()->assertOk();
        // Whoever moves the days afterwards changes nothing of what was said.
        $this->hire->update(['goes_out_at' => '2026-11-30 07:00:00']);
        $this->app->make(RebuildProjections::class)();

        $state = HireState::query()->findOrFail($this->hire->id);
        self::assertSame([HireStatus::Out, '2026-12-01'], [$state->standing, $state->out_at?->format('Y-m-d')]);
    }

    public function test_what_has_not_begun_or_has_begun_is_not_out_already(): void
    {
        $this->hire->update(['goes_out_at' => '2026-12-02 09:00:00']);
        self::assertSame('/problems/hire-begins-later', $this->outAlready()->json('results.0.problem.type'));
        $this->hire->update(['goes_out_at' => '2026-12-01 07:00:00']);
        $this->outAlready()->assertJsonPath('results.0.problem', null);
        self::assertSame('/problems/hire-has-begun', $this->outAlready()->json('results.0.problem.type'));
    }

    public function test_nothing_leaves_over_a_stop_by_being_said_to_have_left(): void
    {
        $this->as(Role::Technician);
        $this->postJson("/api/machines/{$this->machine->id}/entries", ['entries' => [$this->entry('damage.found', [
            'at' => [
                'x' => 120,
                'y' => 300,
            ], 'kind' => 'crack', 'size_mm' => 80, 'words' => 'Boom', 'photos' => [], 'severity' => 'stop',
        ])]])->assertOk();
        self::assertSame(MachineStanding::Held, MachineStatus::query()->findOrFail($this->machine->id)->standing);

        $this->as(Role::Counter);
        self::assertSame('/problems/stop-stands', $this->outAlready()->json('results.0.problem.type'));
    }

    public function test_whoever_walks_machines_does_not_say_so(): void
    {
        $this->as(Role::Technician);
        self::assertSame('/problems/not-yours-to-do', $this->outAlready()->json('results.0.problem.type'));
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function outAlready(): TestResponse
    {
        return $this->postJson(
            "/api/hires/{$this->hire->id}/entries",
            ['entries' => [$this->entry('hire.out_already', ['reason' => 'Before we kept this'])]],
        );
    }
}
