<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** What a tablet was told when its entries were taken, held against the ledger later. */
final class ReceiptTest extends YardTestCase
{
    /** @var array<string, mixed> */
    private array $receipt;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as(Role::Technician);
        $answer = $this->move('bay 7')->assertOk();
        $this->receipt = $answer->json('results.0.receipt');
    }

    public function test_an_entry_that_was_taken_comes_with_its_place_in_the_chain(): void
    {
        $entry = LedgerEntry::query()->where('machine_id', $this->machine->id)->orderByDesc('sequence')->firstOrFail();
        self::assertSame(
            ['chain' => $this->machine->id, 'sequence' => $entry->sequence, 'hash' => $entry->hash],
            $this->receipt,
        );
        $this->move('bay 8');
        $this->compare($this->receipt)->assertOk()->assertExactJson(['differing' => []]);
    }

    public function test_whoever_puts_another_chain_in_its_place_is_found_by_the_tablet(): void
    {
        $answer = $this->compare(['hash' => str_repeat('1', 64)] + $this->receipt)->assertOk();
        $this->assertFits($answer, 'ComparedReceipts');

        self::assertSame([[
            'chain' => $this->machine->id, 'sequence' => $this->receipt['sequence'],
            'machine' => $this->machine->fleet_number, 'is_missing' => false,
        ]], $answer->json('differing'));
        $line = DB::table('audit_entries')->where('kind', 'receipt_differs')->first();
        self::assertSame($this->machine->fleet_number, $line?->subject);
    }

    /** A backup was put back that ends earlier. */
    public function test_what_is_gone_is_missing(): void
    {
        $this->compare(['sequence' => $this->receipt['sequence'] + 5] + $this->receipt)->assertOk()
            ->assertJsonPath('differing.0.is_missing', true);
        $this->compare(['chain' => '018f0000-0000-7000-8000-000000000000'] + $this->receipt)->assertOk()
            ->assertJsonPath('differing.0.machine', null);
    }

    public function test_of_the_chains_of_another_yard_nothing_is_said(): void
    {
        $here = $this->machine->yard_id;
        $this->app->make(CurrentYard::class)->stepInto(
            Yard::query()->create(['name' => 'Heron Reach', 'place' => 'x', 'timezone' => 'UTC']),
        );
        $this->as(Role::Technician);
        $this->compare(
            ['hash' => str_repeat('1', 64)] + $this->receipt,
        )->assertOk()->assertExactJson(['differing' => []]);
        $this->compare(
            ['chain' => $here, 'hash' => str_repeat('1', 64)] + $this->receipt,
        )->assertOk()->assertExactJson(['differing' => []]);
    }

    public function test_what_is_no_receipt_is_refused_with_words(): void
    {
        $this->assertFits($this->compare(['hash' => 'abc'] + $this->receipt)->assertStatus(422), 'Problem');
    }

    private function move(string $bay): TestResponse
    {
        return $this->postJson(
            "/api/machines/{$this->machine->id}/entries",
            ['entries' => [$this->entry('machine.moved', ['bay' => $bay])]],
        );
    }

    /** @param  array<string, mixed>  $receipt */
    private function compare(array $receipt): TestResponse
    {
        return $this->postJson('/api/receipt-comparisons', ['receipts' => [$receipt]]);
    }
}
