<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\LedgerEntry;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

final class LedgerTest extends YardTestCase
{
    #[TestWith(['update ledger_entries set kind = "other"'], 'update')]
    #[TestWith(['delete from ledger_entries'], 'delete')]
    #[TestWith(['truncate table ledger_entries'], 'truncate')]
    #[TestWith(['drop table ledger_entries'], 'drop')]
    #[TestWith(['drop trigger ledger_entries_no_update'], 'the guard itself')]
    public function test_the_database_refuses_to_change_an_entry(string $statement): void
    {
        config(['database.connections.beside' => config('database.connections.mariadb')]);

        $this->expectExceptionMessage('command denied');
        // On a connection of its own: an attempt to truncate or drop ends a transaction even where it is refused, and
        // what this test wrote would stay.
        DB::connection('beside')->statement($statement);
    }

    /** What the application may not do, and what nobody may as long as the guard stands. */
    #[TestWith(['ledger_entries', 'update', 'denied'])]
    #[TestWith(['ledger_entries', 'delete', 'denied'])]
    #[TestWith(['audit_entries', 'delete', 'denied'])]
    #[TestWith(['walk_plans', 'update', 'denied'])]
    #[TestWith(['catalogue_versions', 'update', 'denied'])]
    #[TestWith(['qualifications', 'delete', 'denied'])]
    #[TestWith(['machines', 'delete', 'denied'])]
    #[TestWith(['users', 'delete', 'denied'])]
    public function test_the_application_has_no_right_to_change_what_the_ledger_rests_on(
        string $table,
        string $verb,
        string $said,
    ): void {
        $column = DB::getSchemaBuilder()->getColumnListing($table)[0];

        $this->expectExceptionMessage($said);
        DB::statement($verb === 'update' ? "update {$table} set `{$column}` = `{$column}`" : "delete from {$table}");
    }

    public function test_each_machine_has_a_chain_of_its_own_that_holds(): void
    {
        $this->as(Role::Technician);
        $this->walkThrough($this->openWalk());
        $entries = LedgerEntry::query()->where('machine_id', $this->machine->id)->orderBy('sequence')->get();

        self::assertSame(range(1, $entries->count()), $entries->pluck('sequence')->all());
        self::assertSame(str_repeat('0', 64), $entries->first()?->previous_hash);
        $this->artisan('ledger:verify', ['machine' => $this->machine->fleet_number])
            ->expectsOutputToContain('The chain holds')
            ->assertSuccessful();
    }

    public function test_verify_names_the_first_broken_link(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        // A forged entry can only be added, for nothing can be changed; it does not follow the one before it.
        $last = LedgerEntry::query()->where('machine_id', $this->machine->id)->orderByDesc('sequence')->firstOrFail();
        $forged = $last->replicate(['position', 'chain_id']);
        $forged->id = '01890a5d-ac96-774b-bcce-b302099a8057';
        $forged->sequence = $last->sequence + 1;
        $forged->save();

        $this->artisan('ledger:verify')
            ->expectsOutputToContain("broken at entry {$forged->sequence} ({$forged->id})")
            ->assertFailed();
    }

    public function test_the_projections_rebuilt_from_the_entries_are_identical(): void
    {
        $this->as(Role::Lead);
        $out = $this->openWalk();
        $finding = $this->post_($out, 'finding.placed', [
            'at' => ['x' => 100, 'y' => 86],
            'kind' => 'scrape',
            'size_mm' => 180,
            'words' => 'door',
            'photos' => [],
        ]);
        $this->walkThrough($out, '1842.3');
        $this->handOver($out);
        $this->travel(1)->days();
        $this->as(Role::Lead);
        $in = $this->openWalk('return');
        $this->walkThrough($in, '1850.0', values: ['doc-key-label' => '2']);
        $wrong = LedgerEntry::query()
            ->where('walk_id', $in->id)
            ->where('kind', 'reading.posted')
            ->orderByDesc('sequence')
            ->firstOrFail();
        $this->post_($in, 'entry.struck', ['reason' => 'misread'], $wrong->id);
        $this->post_($in, 'finding.seen_again', [
            'finding' => $finding,
            'size_mm' => 200,
            'words' => '',
            'photos' => [],
        ]);
        $this->post_($in, 'finding.graded', ['finding' => $finding, 'severity' => 'note', 'reason' => 'only paint']);
        $this->post_($in, 'tag.hung', ['reason' => 'to be looked at']);
        $this->post_($in, 'spread.explained', ['line' => 'doc-key-label', 'words' => 'charged']);
        $before = $this->everything();
        self::assertGreaterThan(100, count($before['walk_lines']));

        app(RebuildProjections::class)();

        self::assertSame($before, $this->everything());
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function everything(): array
    {
        $tables = [];
        foreach (RebuildProjections::TABLES as $table) {
            $rows = DB::table($table)->get()->map(static fn (object $row): array => (array) $row)->all();
            usort(
                $rows,
                static fn (array $a, array $b): int => strcmp((string) json_encode($a), (string) json_encode($b)),
            );
            $tables[$table] = $rows;
        }

        return $tables;
    }
}
