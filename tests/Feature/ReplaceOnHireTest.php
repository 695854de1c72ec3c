<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\AuditEntry;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** What the plan of the day does not know: a machine that is changed while it is out, and one that nobody had out. */
final class ReplaceOnHireTest extends YardTestCase
{
    private Machine $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-02T08:00:00Z'));
        $this->hire->update([
            'goes_out_at' => '2026-12-01 07:00:00',
            'comes_back_at' => '2026-12-06 16:00:00',
            'contact' => 'Aled',
            'site' => 'Sluice 4',
        ]);
        $this->other = Machine::query()->create([
            'fleet_number' => 'E-78',
            'model_id' => 'dromvik_14c',
            'serial' => Str::random(12),
        ]);
        $this->as(Role::Counter);
    }

    public function test_a_machine_that_failed_on_site_is_replaced_and_both_have_their_own_folio(): void
    {
        $this->isOut();

        $next = $this->replace()->assertCreated();

        $this->assertFits($next, 'HireDetail');
        self::assertSame(
            [
                'booked',
                '2026-12-02T09:30:00.000000Z',
                '2026-12-06T16:00:00.000000Z',
                'Aled',
                'Sluice 4',
                $this->hire->folio,
            ],
            [
                $next->json('standing'),
                $next->json('goes_out_at'),
                $next->json('comes_back_at'),
                $next->json('contact'),
                $next->json('site'),
                $next->json('in_place_of.folio'),
            ],
        );
        self::assertSame($this->hire->customer_id, $next->json('hirer.id'));
        $first = $this->getJson("/api/hires/{$this->hire->id}")->assertOk();
        self::assertSame(
            ['out', '2026-12-02T09:30:00.000000Z', 'E-78'],
            [$first->json('standing'), $first->json('comes_back_at'), $first->json('replaced_by.fleet_number')],
        );
        // Each is walked by itself: the first one in, the second one out.
        $this->as(Role::Technician);
        $this->openWalk('return');
        $this->openWalk('checkout', Hire::query()->findOrFail($next->json('id')));
        $kept = AuditEntry::query()->where('kind', 'machine_swapped')->sole();
        self::assertStringContainsString('Boom does not rise', (string) json_encode($kept));
    }

    public function test_what_is_in_the_way_of_the_second_machine_is_said_and_nothing_changes(): void
    {
        $this->isOut();
        Hire::query()->create([
            'folio' => 9_000_001,
            'machine_id' => $this->other->id,
            'customer_id' => $this->hire->customer_id,
            'goes_out_at' => '2026-12-04 07:00:00',
            'comes_back_at' => '2026-12-05 16:00:00',
        ]);

        $this->replace()->assertStatus(409)->assertJsonPath('conflicts.0.kind', 'taken');

        self::assertSame('2026-12-06', $this->hire->refresh()->comes_back_at->format('Y-m-d'));
        self::assertNull($this->hire->replacement()->first());
    }

    public function test_it_is_replaced_once_by_another_machine_and_while_it_is_out(): void
    {
        $this->replace()->assertStatus(409)->assertJsonPath('type', '/problems/not-out-yet');
        $this->isOut();
        $this->replace(['machine_id' => $this->machine->id])
            ->assertStatus(422)
            ->assertJsonPath('type', '/problems/same-machine');
        $first = $this->replace()->assertCreated();
        $this->replace()->assertStatus(409)->assertJsonPath('type', '/problems/replaced-before');
        // A replacement that was cancelled is none.
        $this->putJson("/api/hires/{$first->json('id')}/cancellation", ['why' => 'Mended on site'])->assertOk();
        $this->putJson("/api/hires/{$this->hire->id}", [
            'goes_out' => '2026-12-01T07:00',
            'comes_back' => '2026-12-06T16:00',
        ])->assertOk();
        $this->replace()->assertCreated();
        // What went out in its place can be replaced in its turn; whoever walks does not book.
        $this->as(Role::Technician);
        $this->replace()->assertForbidden();
    }

    public function test_a_machine_that_nobody_had_out_is_walked_in_and_the_office_says_who_had_it(): void
    {
        $this->as(Role::Technician);
        $found = $this->found()->assertCreated();

        $this->assertFits($found, 'HireDetail');
        self::assertSame(
            ['out', false, 'Not known yet'],
            [$found->json('standing'), $found->json('hirer_is_known'), $found->json('hirer.name')],
        );
        $hire = Hire::query()->findOrFail($found->json('id'));
        $walk = $this->openWalk('return', $hire);
        $trail = $this->getJson("/api/machines/{$this->other->id}/entries")->assertOk();
        self::assertContains('Came back with no hire', array_column($trail->json('entries'), 'title'));

        $this->as(Role::Counter);
        self::assertNotContains('Not known yet', array_column($this->getJson('/api/hirers')->json('hirers'), 'name'));
        $this->putJson("/api/hires/{$hire->id}/hirer", ['hirer_id' => $this->hire->customer_id])
            ->assertOk()
            ->assertJsonPath('hirer.name', 'Saltmarsh Drainage')
            ->assertJsonPath('hirer_is_known', true);
        $this->putJson("/api/hires/{$hire->id}/hirer", ['hirer_id' => $this->hire->customer_id])
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/hirer-is-known');
        self::assertSame($hire->id, $walk->hire_id);
    }

    public function test_it_stays_found_when_the_projections_are_made_anew(): void
    {
        $id = $this->found()->assertCreated()->json('id');
        $this->app->make(RebuildProjections::class)();

        self::assertSame(HireStatus::Out, HireState::query()->findOrFail($id)->standing);
    }

    public function test_whoever_reads_spanish_is_told_so_in_spanish(): void
    {
        $id = $this->found()->assertCreated()->json('id');
        $this->putJson('/api/session/preferences', ['language' => 'es'])->assertOk();

        $this->getJson("/api/hires/{$id}")->assertJsonPath('hirer.name', 'Aún no se sabe');
    }

    public function test_nothing_is_found_that_is_out_or_over_a_stop_and_a_hirer_with_a_name_is_not_skipped(): void
    {
        $this->isOut();
        $this->found($this->machine)->assertStatus(409)->assertJsonPath('type', '/problems/on-another-folio');
        $this->as(Role::Technician);
        MachineStatus::query()->create(['machine_id' => $this->other->id, 'standing' => MachineStanding::TaggedOut]);
        $this->found()->assertStatus(409)->assertJsonPath('type', '/problems/stop-stands');
        self::assertSame(0, Hire::query()->where('machine_id', $this->other->id)->count());

        // The entry by itself is no way to take a booked machine out without a walk.
        $booked = $this->hireOf(
            Machine::query()->create([
                'fleet_number' => 'E-79',
                'model_id' => 'dromvik_14c',
                'serial' => Str::random(12),
            ]),
        );
        $booked->update(['goes_out_at' => '2026-12-01 07:00:00']);
        $this->postJson("/api/hires/{$booked->id}/entries", [
            'entries' => [$this->entry('machine.found', ['reason' => 'At the gate'])],
        ])->assertJsonPath('results.0.problem.type', '/problems/hirer-is-known');
        // Nor is nobody somebody to whom a machine is booked.
        $this->as(Role::Counter);
        $this->postJson('/api/hires', [
            'machine_id' => $booked->machine_id,
            'hirer_id' => Customer::nobody()->id,
            'goes_out' => '2026-12-20T08:00',
            'comes_back' => '2026-12-21T08:00',
        ])->assertNotFound();
        self::assertSame(0, LedgerEntry::query()->where('kind', 'machine.found')->count());
    }

    private function isOut(): void
    {
        $this->postJson("/api/hires/{$this->hire->id}/entries", [
            'entries' => [$this->entry('hire.out_already', ['reason' => 'On paper'])],
        ])->assertJsonPath('results.0.problem', null);
    }

    /** @param  array<string, mixed>  $other */
    private function replace(array $other = []): TestResponse
    {
        return $this->postJson(
            "/api/hires/{$this->hire->id}/replacement",
            $other + [
                'machine_id' => $this->other->id,
                'goes_out' => '2026-12-02T09:30',
                'comes_back' => '2026-12-06T16:00',
                'why' => 'Boom does not rise',
                'knowing' => ['no_time_to_walk'],
            ],
        );
    }

    private function found(?Machine $machine = null): TestResponse
    {
        return $this->postJson('/api/machines/'.($machine ?? $this->other)->id.'/finds', [
            'reason' => 'A lorry left it at the gate at six',
        ]);
    }
}
