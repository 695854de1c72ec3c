<?php

declare(strict_types=1);

namespace Bench;

use App\Catalogue\CatalogueRepository;
use App\Keys\EntrySeal;
use App\Models\Role;
use App\Models\User;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Ledger\HashChain;

/** A large yard of made-up rows: machines with years of entries behind them, and a full day ahead. */
final class BenchYard
{
    public const MACHINES = 2_000;

    public const ENTRIES_A_MACHINE = 50;

    private const OUT_TODAY = 60;

    private const BACK_TODAY = 40;

    public const PASSWORD = 'tern-quay';

    private CarbonImmutable $now;

    private string $actor;

    private string $yard;

    /** @var list<string> */
    private array $customers = [];

    private int $folio = 0;

    /** @var array<string, list<array<string, mixed>>> rows by table, not written yet */
    private array $rows = [];

    /**
     * @param int $machines beside those of the technicians
     * @param int $entriesAMachine of a hire that is over
     */
    public function __construct(
        private readonly Application $app,
        private readonly int $machines = self::MACHINES,
        private readonly int $entriesAMachine = self::ENTRIES_A_MACHINE,
    ) {
        $this->now = CarbonImmutable::now();
    }

    /**
     * @param int $technicians each gets a login technician0, technician1 … and a machine of one model to walk
     * @return list<string> the ids of their hires
     */
    public function seed(int $technicians, string $model): array
    {
        $yard = Yard::ofTheSettings();
        $this->app->make(CurrentYard::class)->stepInto($yard);
        $this->yard = $yard->id;
        $this->folio = (int) DB::table('hires')->max('folio');
        $this->actor = $this->person('bench', Role::Lead);
        for ($n = 0; $n < 40; $n++) {
            $this->customers[] = $id = (string) Str::uuid7();
            $this->put('customers', [
                'id' => $id,
                'yard_id' => $this->yard,
                'name' => "Customer {$n}",
                'created_at' => $this->now,
                'updated_at' => $this->now,
            ]);
        }
        $models = array_keys($this->app->make(CatalogueRepository::class)->current()->models);
        for ($n = 0; $n < $this->machines; $n++) {
            $machine = $this->machine($models[$n % count($models)], $n);
            $this->walkedHire($machine, $this->now->subDays(400 - $n % 300), $this->entriesAMachine, 'closed');
            if ($n < self::OUT_TODAY) {
                $this->hire($machine, $this->now->addMinutes($n), $this->now->addDays(3));
            } elseif ($n < self::OUT_TODAY + self::BACK_TODAY) {
                $this->walkedHire($machine, $this->now->subDays(3), 0, 'out', $this->now);
            }
        }
        $hires = [];
        for ($n = 0; $n < $technicians; $n++) {
            $this->qualify($this->person("technician{$n}", Role::Technician));
            $hires[] = $this->hire(
                $this->machine($model, $this->machines + $n),
                $this->now->addMinutes($n),
                $this->now->addDays(2),
            );
        }
        foreach (array_keys($this->rows) as $table) {
            $this->write($table);
        }

        return $hires;
    }

    private function person(string $login, Role $role): string
    {
        return User::query()->create([
            'name' => "Person {$login}",
            'login' => $login,
            'initials' => 'BY',
            'role' => $role,
            'password' => self::PASSWORD,
        ])->id;
    }

    private function qualify(string $person): void
    {
        foreach ($this->app->make(CatalogueRepository::class)->current()->qualifications as $qualification) {
            $this->put('qualifications', [
                'user_id' => $person,
                'qualification' => $qualification->id,
                'valid_until' => $this->now->addYear()->format('Y-m-d'),
                'proof' => 'card, seen',
                'recorded_at' => $this->now,
            ]);
        }
    }

    private function machine(string $model, int $n): string
    {
        $id = (string) Str::uuid7();
        $this->put('machines', [
            'id' => $id,
            'yard_id' => $this->yard,
            'fleet_number' => "B-{$n}",
            'model_id' => $model,
            'serial' => "BENCH{$n}",
            'bay' => 'bay '.$n % 12,
            'created_at' => $this->now,
            'updated_at' => $this->now,
        ]);
        $this->serviced($id, $n);
        $this->put('machine_states', [
            'machine_id' => $id,
            'standing' => 'in_yard',
            'smr_hours' => 1000 + $n,
            'smr_at' => $this->now,
            'smr_entry_id' => null,
        ]);

        return $id;
    }

    /** Ten readings a machine, and two points of which one is due in these weeks. */
    private function serviced(string $machine, int $n): void
    {
        for ($back = 10; $back > 0; $back--) {
            $this->put('meter_readings', [
                'id' => (string) Str::uuid7(), 'machine_id' => $machine, 'hours' => 1000 + $n - $back * 40 - $back % 3,
                'at' => $this->now->subDays($back * 10), 'actor_id' => $this->actor,
            ]);
        }
        foreach (['svc-500' => 490 - $n % 60, 'svc-wheel-nuts' => $n % 200] as $point => $ago) {
            $this->put('service_records', [
                'id' => (string) Str::uuid7(), 'machine_id' => $machine, 'point' => $point,
                'done_on' => $this->now->subDays(intdiv($ago, 4) + 1)->format('Y-m-d'),
                'hours_in_all' => 1000 + $n - $ago, 'words' => '', 'actor_id' => $this->actor,
            ]);
        }
    }

    private function hire(string $machine, CarbonImmutable $out, CarbonImmutable $back): string
    {
        $id = (string) Str::uuid7();
        $this->put('hires', [
            'id' => $id,
            'yard_id' => $this->yard,
            'folio' => ++$this->folio,
            'machine_id' => $machine,
            'customer_id' => $this->customers[$this->folio % count($this->customers)],
            'goes_out_at' => $out,
            'comes_back_at' => $back,
            'out_assignee_id' => null,
            'in_assignee_id' => null,
            'created_at' => $this->now,
            'updated_at' => $this->now,
        ]);

        return $id;
    }

    /** A hire whose checkout was walked, with its lines and a chain that holds. */
    private function walkedHire(
        string $machine,
        CarbonImmutable $out,
        int $entries,
        string $standing,
        ?CarbonImmutable $back = null,
    ): void {
        $hire = $this->hire($machine, $out, $back ?? $out->addDays(2));
        $walk = (string) Str::uuid7();
        $this->put('hire_states', [
            'hire_id' => $hire,
            'standing' => $standing,
            'out_walk_id' => $walk,
            'in_walk_id' => null,
            'out_at' => $out,
            'in_at' => null,
            'closed_at' => $standing === 'closed' ? $out->addDays(2) : null,
        ]);
        $this->put('walks', [
            'id' => $walk,
            'hire_id' => $hire,
            'machine_id' => $machine,
            'movement' => 'checkout',
            'opened_by_id' => $this->actor,
            'opened_at' => $out,
            'stage' => null,
            'stages_entered' => '[]',
            'decision' => 'released',
            'conditions' => '[]',
            'decided_by_id' => $this->actor,
            'decided_at' => $out,
        ]);
        $previous = HashChain::GENESIS;
        for ($sequence = 1; $sequence <= $entries; $sequence++) {
            $previous = $this->entry($machine, $hire, $walk, $sequence, $previous, $out);
        }
    }

    private ?EntrySeal $seal = null;

    private function entry(
        string $machine,
        string $hire,
        string $walk,
        int $sequence,
        string $previous,
        CarbonImmutable $at,
    ): string {
        $id = (string) Str::uuid7();
        $moment = $at->utc()->format('Y-m-d\TH:i:s.u\Z');
        $body = CanonicalJson::encode([
            'id' => $id,
            'kind' => 'check.answered',
            'machine' => $machine,
            'sequence' => $sequence,
            'hire' => $hire,
            'walk' => $walk,
            'actor' => $this->actor,
            'corrects' => null,
            'payload' => ['line' => "bench-line-{$sequence}", 'answer' => 'stands'],
            'judgement' => ['outcome' => 'stands', 'severity' => 'attend'],
            'recorded_at' => $moment,
            'received_at' => $moment,
            'previous_hash' => $previous,
        ]);
        $hash = HashChain::hash($body);
        $this->put('ledger_entries', [
            'id' => $id,
            'machine_id' => $machine,
            'sequence' => $sequence,
            'kind' => 'check.answered',
            'hire_id' => $hire,
            'walk_id' => $walk,
            'actor_id' => $this->actor,
            'corrects' => null,
            'body' => $body,
            'previous_hash' => $previous,
            'hash' => $hash,
            'recorded_at' => $at->utc()->format('Y-m-d H:i:s.u'),
            'received_at' => $at->utc()->format('Y-m-d H:i:s.u'),
            'seal' => ($this->seal ??= new EntrySeal())->of($hash),
        ]);
        $this->put('walk_lines', [
            'walk_id' => $walk,
            'key' => "bench-line-{$sequence}",
            'check_id' => 'hkp-area',
            'position' => $sequence,
            'severity' => 'attend',
            'outcome' => 'stands',
            'entry_id' => $id,
            'attempts' => 1,
            'answered_by_id' => $this->actor,
            'answered_at' => $at,
        ]);

        return $hash;
    }

    /** @param  array<string, mixed>  $row */
    private function put(string $table, array $row): void
    {
        $this->rows[$table][] = $row;
        if (count($this->rows[$table]) === 1000) {
            $this->write($table);
        }
    }

    private function write(string $table): void
    {
        // What a table refers to is written before it.
        foreach (['customers', 'machines', 'hires', 'walks', $table] as $first) {
            DB::table($first)->insert($this->rows[$first] ?? []);
            $this->rows[$first] = [];
        }
    }
}
