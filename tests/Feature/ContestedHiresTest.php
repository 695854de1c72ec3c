<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\Machine;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** A machine that was promised on a tablet with no network, and to somebody else meanwhile. */
final class ContestedHiresTest extends YardTestCase
{
    private Customer $hirer;

    private string $id;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->hire->update(['goes_out_at' => '2026-12-01 10:00:00', 'comes_back_at' => '2026-12-04 16:00:00']);
        $this->hirer = Customer::query()->create(['name' => 'Orrery Yard Build']);
        $this->id = (string) Str::uuid7();
        $this->as(Role::Counter);
    }

    public function test_both_stand_and_neither_is_walked_out_until_the_lead_has_settled_it(): void
    {
        $late = $this->promise();
        $late->assertCreated()->assertJsonPath('id', $this->id)
            ->assertJsonPath('contested_with', [$this->hire->folio]);
        $this->assertFits($late, 'HireDetail');

        $this->as(Role::Technician);
        foreach ([$this->hire->id, $this->id] as $hire) {
            $this->postJson("/api/hires/{$hire}/walks", [
                'id' => (string) Str::uuid7(), 'movement' => 'checkout', 'recorded_at' => self::now(),
            ])->assertStatus(409)->assertJsonPath('type', '/problems/hire-is-contested');
            $this->getJson("/api/hires/{$hire}/walks/checkout")->assertStatus(409);
        }
        $day = $this->getJson('/api/day')->assertOk();
        $this->assertFits($day, 'Day');
        $states = array_column($day->json('outs'), 'state', 'hire_id');
        self::assertSame(['attend', 'attend'], [$states[$this->hire->id]['mark'], $states[$this->id]['mark']]);
        self::assertSame(['hire', 'hire'], array_column($day->json('outs'), 'opens'));
        self::assertStringContainsString((string) $this->hire->folio, $states[$this->id]['because']);

        // Who of the two keeps the machine is not for the counter to say.
        $this->as(Role::Counter);
        $this->putJson("/api/hires/{$this->id}/cancellation", ['why' => 'the first come'])
            ->assertStatus(403)
            ->assertJsonPath('type', '/problems/hire-is-contested');
        $this->as(Role::Lead);
        $this->putJson("/api/hires/{$this->id}/cancellation", ['why' => 'rung, takes another day'])->assertOk();

        $this->as(Role::Technician);
        $this->openWalk();
        self::assertSame([], $this->getJson("/api/hires/{$this->hire->id}")->json('contested_with'));
    }

    public function test_another_machine_settles_it_too(): void
    {
        $other = Machine::query()->create(
            ['fleet_number' => 'E-77', 'model_id' => 'dromvik_14c', 'serial' => Str::random(12), 'bay' => 'bay 2'],
        );
        $this->promise()->assertCreated();
        $this->as(Role::Lead);
        $this->putJson("/api/hires/{$this->id}/machine", [
            'machine_id' => $other->id, 'why' => 'as good', 'knowing' => ['no_time_to_walk'],
        ])->assertOk()->assertJsonPath('contested_with', []);

        $this->as(Role::Technician);
        $this->openWalk();
    }

    public function test_what_comes_again_is_the_same_hire_and_its_id_is_nobody_elses(): void
    {
        $folio = $this->promise()->assertCreated()->json('folio');
        $this->promise()->assertCreated()->assertJsonPath('folio', $folio);
        self::assertSame(2, Hire::query()->count());

        $this->promise(['hirer_id' => $this->hire->customer_id])
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/id-already-used');
        self::assertStringContainsString(
            '2026-12-01T07:30:00Z',
            (string) AuditEntry::query()->where('subject', (string) $folio)->firstOrFail()->getRawOriginal('after'),
        );
    }

    /** With a network somebody is told, and nothing stands beside another booking. */
    public function test_a_booking_with_a_network_is_refused_as_before(): void
    {
        $this->promise(['out_of_reach_at' => null])->assertStatus(422);
        $this->postJson('/api/hires', array_diff_key($this->body(), ['out_of_reach_at' => true]))
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/hire-conflicts');
        $this->postJson('/api/hires', array_diff_key($this->body(), ['id' => true]))->assertStatus(422);
    }

    public function test_a_machine_that_is_gone_is_promised_to_nobody(): void
    {
        $this->machine->update(['left_at' => now()]);

        $this->promise()->assertStatus(409)->assertJsonPath('conflicts.0.kind', 'left');
        self::assertSame(1, Hire::query()->count());
    }

    /** Days that only touch, and hires that are over, are nobody's. */
    #[TestWith(['2026-12-04T16:00', '2026-12-05T16:00'])]
    #[TestWith(['2026-12-07T09:00', '2026-12-08T16:00'])]
    public function test_days_beside_each_other_are_no_contest(string $out, string $back): void
    {
        $this->promise(['goes_out' => $out, 'comes_back' => $back])->assertCreated()
            ->assertJsonPath('contested_with', []);

        $this->as(Role::Technician);
        $this->openWalk();
    }

    public function test_a_walk_that_is_open_goes_on_and_the_other_hire_waits(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->as(Role::Counter);
        $this->promise()->assertCreated();

        $this->as(Role::Technician);
        $this->cross($walk, 'cold_isolated');
        $this->postJson("/api/hires/{$this->id}/walks", [
            'id' => (string) Str::uuid7(), 'movement' => 'checkout', 'recorded_at' => self::now(),
        ])->assertStatus(409);
    }

    /** @param  array<string, mixed>  $with */
    private function promise(array $with = []): TestResponse
    {
        return $this->postJson('/api/hires', $with + $this->body());
    }

    /** @return array<string, mixed> */
    private function body(): array
    {
        return [
            'id' => $this->id,
            'machine_id' => $this->machine->id,
            'hirer_id' => $this->hirer->id,
            'goes_out' => '2026-12-01T09:00',
            'comes_back' => '2026-12-03T16:00',
            'out_of_reach_at' => '2026-12-01T07:30:00Z',
        ];
    }
}
