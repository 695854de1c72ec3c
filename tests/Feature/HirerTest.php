<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\Role;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** The list of hirers, one of them with what was hired, and two that are the same. */
final class HirerTest extends YardTestCase
{
    private Customer $kept;

    private Customer $double;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kept = $this->hire->customer;
        $this->double = Customer::query()->create(
            ['name' => 'Salt Marsh Drainage Ltd', 'phone' => '01632 960 140', 'notes' => 'Gate code at the office.'],
        );
        $this->as(Role::Counter);
    }

    public function test_a_hirer_is_shown_with_what_was_hired(): void
    {
        $shown = $this->getJson("/api/hirers/{$this->kept->id}")->assertOk();

        $this->assertFits($shown, 'HirerDetail');
        self::assertSame(
            [1, [$this->hire->folio], $this->machine->fleet_number, 'booked'],
            [
                $shown->json('hire_count'),
                array_column($shown->json('hires'), 'folio'),
                $shown->json('hires.0.fleet_number'),
                $shown->json('hires.0.standing'),
            ],
        );
    }

    public function test_the_list_comes_by_name_in_pages(): void
    {
        foreach (range(10, 70) as $n) {
            Customer::query()->create(['name' => "Wharf {$n}"]);
        }
        $first = $this->getJson('/api/hirers')->assertOk();
        $this->assertFits($first, 'HirerList');
        $last = $this->getJson('/api/hirers?page=3')->assertOk();

        self::assertSame([63, 2, 'Salt Marsh Drainage Ltd'], [
            $first->json('total'), $first->json('next_page'), $first->json('hirers.0.name'),
        ]);
        self::assertSame([['Wharf 68', 'Wharf 69', 'Wharf 70'], null], [
            array_column($last->json('hirers'), 'name'), $last->json('next_page'),
        ]);
        self::assertSame([], $this->getJson('/api/hirers?page=99')->assertOk()->json('hirers'));
    }

    public function test_two_that_are_one_are_merged_and_nothing_of_the_second_is_lost(): void
    {
        $theirs = $this->hireOf($this->machine);
        $theirs->update(['customer_id' => $this->double->id]);
        $this->kept->update(['notes' => 'Rings first.']);

        $merged = $this->merge($this->double, $this->kept)->assertOk();

        $this->assertFits($merged, 'HirerDetail');
        self::assertSame(
            ['Saltmarsh Drainage', '01632 960 140', 'Rings first.', ['Salt Marsh Drainage Ltd'], 2],
            [
                $merged->json('hirer.name'),
                $merged->json('hirer.phone'),
                $merged->json('hirer.notes'),
                $merged->json('also'),
                $merged->json('hire_count'),
            ],
            'what the kept one lacks is taken over, what it has stays',
        );
        self::assertSame($this->kept->id, $theirs->refresh()->customer_id);
        $audit = AuditEntry::query()->where('kind', 'hirers_merged')->sole();
        self::assertSame('Gate code at the office.', $audit->before['notes'] ?? null);
        self::assertSame('1', $audit->after['hires'] ?? null);
    }

    public function test_the_name_of_the_second_leads_to_the_first_everywhere(): void
    {
        $this->merge($this->double, $this->kept)->assertOk();

        self::assertSame(
            ['Saltmarsh Drainage'],
            array_column($this->getJson('/api/hirers?search=salt%20marsh')->assertOk()->json('hirers'), 'name'),
        );
        self::assertSame(1, $this->getJson('/api/hirers')->assertOk()->json('total'));
        self::assertSame(
            [['hirer', $this->kept->id, 'Saltmarsh Drainage']],
            array_map(
                static fn (array $hit): array => [$hit['kind'], $hit['id'], $hit['title']],
                $this->getJson('/api/search?words=salt%20marsh')->assertOk()->json('hits'),
            ),
        );
        self::assertSame(
            $this->kept->id,
            $this->getJson("/api/hirers/{$this->double->id}")->assertOk()->json('hirer.id'),
        );
        // A tablet that had the list before still sends the id of the second.
        $booked = $this->postJson('/api/hires', [
            'machine_id' => $this->machine->id,
            'hirer_id' => $this->double->id,
            'goes_out' => '2031-03-04T08:00',
            'comes_back' => '2031-03-05T16:00',
        ])->assertCreated();
        self::assertSame($this->kept->id, Hire::query()->findOrFail($booked->json('id'))->customer_id);
        // Its name is taken: whoever enters it again is sent to the list.
        $this->postJson('/api/hirers', ['name' => 'Salt Marsh Drainage Ltd'])->assertStatus(409);
    }

    public function test_a_chain_of_doubles_leads_to_the_one_that_is_kept(): void
    {
        $third = Customer::query()->create(['name' => 'Saltmarsh']);
        $this->merge($third, $this->double)->assertOk();
        $this->merge($this->double, $this->kept)->assertOk();

        self::assertSame($this->kept->id, $third->refresh()->kept()->id);
        self::assertSame(
            ['Salt Marsh Drainage Ltd', 'Saltmarsh'],
            $this->getJson("/api/hirers/{$this->kept->id}")->assertOk()->json('also'),
        );
    }

    public function test_what_is_one_already_or_of_another_yard_is_not_merged(): void
    {
        $this->merge($this->kept, $this->kept)->assertStatus(409);
        $this->merge($this->double, $this->kept)->assertOk();
        $this->merge($this->double, $this->kept)
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/hirers-one-already');
        $this->merge($this->kept, $this->double)->assertStatus(409);

        $yard = $this->app->make(CurrentYard::class);
        $here = Yard::query()->findOrFail($yard->id());
        $yard->stepInto(Yard::query()->create(['name' => 'Heron Reach', 'place' => 'x', 'timezone' => 'UTC']));
        $foreign = Customer::query()->create(['name' => 'Of another yard']);
        $yard->stepInto($here);
        $this->merge($foreign, $this->kept)->assertStatus(404);
        $this->merge($this->kept, $foreign)->assertStatus(404);
        $this->as(Role::Technician);
        $this->merge($this->double, $this->kept)->assertForbidden();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function merge(Customer $double, Customer $kept): TestResponse
    {
        return $this->postJson("/api/hirers/{$double->id}/merger", ['into' => $kept->id]);
    }
}
