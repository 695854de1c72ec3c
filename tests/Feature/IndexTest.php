<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** No list reads the whole of a table that grows with the years. */
final class IndexTest extends YardTestCase
{
    private const MACHINES = 1_500;

    /** What grows; of these no query may look at a tenth of the rows. */
    private const GROWS = [
        'hires',
        'machines',
        'walks',
        'walk_lines',
        'ledger_entries',
        'findings',
        'readings',
        'audit_entries',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $yard = (string) $this->app->make(CurrentYard::class)->id();
        $customer = $this->hire->customer_id;
        $me = $this->as(Role::Lead)->id;
        $long = CarbonImmutable::now()->subYears(2);
        $rows = [];
        for ($n = 0; $n < self::MACHINES; $n++) {
            [$machine, $hire] = [(string) Str::uuid7(), (string) Str::uuid7()];
            $at = $long->addHours($n * 9);
            $rows['machines'][] = [
                'id' => $machine,
                'yard_id' => $yard,
                'fleet_number' => "I-{$n}",
                'model_id' => 'dromvik_14c',
                'serial' => "INDEX{$n}",
            ];
            $rows['hires'][] = [
                'id' => $hire,
                'yard_id' => $yard,
                'folio' => 5_000_000 + $n,
                'machine_id' => $machine,
                'customer_id' => $customer,
                'goes_out_at' => $at,
                'comes_back_at' => $at->addDays(2),
            ];
            $rows['ledger_entries'][] = [
                'id' => (string) Str::uuid7(),
                'machine_id' => $machine,
                'sequence' => 1,
                'kind' => 'check.answered',
                'hire_id' => $hire,
                'actor_id' => $me,
                'body' => '{}',
                'previous_hash' => str_repeat('0', 64),
                'hash' => str_repeat('1', 64),
                'recorded_at' => $at,
                'received_at' => $at,
            ];
            $rows['audit_entries'][] = [
                'yard_id' => $yard,
                'kind' => 'signed_in',
                'actor_id' => $me,
                'subject' => 'x',
                'before' => '[]',
                'after' => '[]',
                'at' => $at,
            ];
        }
        foreach ($rows as $table => $all) {
            foreach (array_chunk($all, 500) as $part) {
                DB::table($table)->insert($part);
            }
        }
    }

    #[TestWith(['/api/day'])]
    #[TestWith(['/api/machines'])]
    #[TestWith(['/api/machines/{machine}'])]
    #[TestWith(['/api/machines/{machine}/entries'])]
    #[TestWith(['/api/audit'])]
    #[TestWith(['/api/people'])]
    public function test_a_list_of_a_large_yard_is_read_by_an_index(string $path): void
    {
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            $queries[] = $query;
        });
        $this->getJson(str_replace('{machine}', $this->machine->id, $path))->assertOk();
        $asked = $queries;

        $read = [];
        foreach ($asked as $query) {
            if (str_starts_with($query->sql, 'select')) {
                foreach (
                    DB::select("explain {$query->sql}", $query->connection->prepareBindings($query->bindings)) as $step
                ) {
                    // In the order of an index it stops when it has as many as were asked for.
                    $stops =
                        preg_match('/ limit (\d+)$/', $query->sql, $limit) === 1 &&
                        ! str_contains((string) $step->Extra, 'filesort')
                            ? (int) $limit[1]
                            : PHP_INT_MAX;
                    // What is counted has to be counted: by the index alone, without a look at the rows.
                    $counts =
                        str_contains($query->sql, 'count(*)') && str_contains((string) $step->Extra, 'Using index');
                    if (
                        ! $counts &&
                        in_array($step->table, self::GROWS, true) &&
                        min($stops, (int) $step->rows) > self::MACHINES / 10
                    ) {
                        $read[] = "{$step->table} by {$step->type}, {$step->rows} rows: {$query->sql}";
                    }
                }
            }
        }

        self::assertSame([], $read);
    }
}
