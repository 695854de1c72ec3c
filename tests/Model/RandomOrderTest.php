<?php

declare(strict_types=1);

namespace Tests\Model;

use App\Ledger\RebuildProjections;
use App\Ledger\VerifyLedger;
use App\Models\Hire;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\LeavingModel;
use Tests\Support\YardTestCase;

/**
 * Random people post random entries in random order, with house rules changed between and clocks that are wrong.
 * Whatever the order: no machine is out over a stop, nobody puts power on who may not, every answer is one of 2xx or
 * 4xx, the chain holds, and a rebuild gives the same.
 *
 * MODEL_SEQUENCES says how many sequences there are: see bin/model-test.
 */
final class RandomOrderTest extends YardTestCase
{
    private const ENTRIES = 22;

    /** Sequences that go their own way from one walk: to walk it takes longer than what comes after. */
    private const FROM_ONE_BEGINNING = 15;

    private Randomizer $random;

    private LeavingModel $model;

    private Walk $walk;

    /** @var array<string, User> */
    private array $people;

    /** @var array<string, array<string, mixed>> by key */
    private array $lines;

    /** @var list<string>|null */
    private ?array $steps = null;

    /** @var list<array<string, mixed>> what was taken */
    private array $taken = [];

    #[TestWith([1])]
    #[TestWith([2])]
    public function test_whatever_the_order_no_machine_leaves_over_a_stop(int $half): void
    {
        $sequences = (int) ((getenv('MODEL_SEQUENCES') ?: 150) / 2);
        $outs = $refusedOuts = 0;
        for ($begun = 1; $sequences > 0; $begun++, $sequences -= self::FROM_ONE_BEGINNING) {
            $this->random = new Randomizer(new Mt19937($half * 1_000_000 + $begun));
            DB::beginTransaction();
            [$hire, $machine] = $this->walked($begun);
            $beginning = [$this->model, $this->taken, $this->standsBy];
            for ($from = 0; $from < min($sequences, self::FROM_ONE_BEGINNING); $from++) {
                DB::beginTransaction();
                [$model, $this->taken, $this->standsBy] = $beginning;
                $this->model = clone $model;
                [$left, $refused] = $this->sequence($hire, $machine, "half {$half}, beginning {$begun}, {$from}");
                $outs += $left;
                $refusedOuts += $refused;
                DB::rollBack();
                $this->forgetServices();
            }
            DB::rollBack();
            $this->standsBy = null;
        }
        self::assertGreaterThan(0, $outs, 'no machine ever left: nothing was tried');
        self::assertGreaterThan(0, $refusedOuts, 'no machine was ever kept: nothing was tried');
    }

    /** Routes keep their controllers, and these what they knew of the machine before all was rolled back. */
    private function forgetServices(): void
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
    }

    /** @return array{Hire, Machine} a machine that was walked, and told of, by these people */
    private function walked(int $begun): array
    {
        $this->people = [
            'lead' => $this->person(Role::Lead),
            'ines' => $this->person(Role::Technician),
            'moss' => $this->person(Role::Mechanic),
            'new' => $this->unqualified(Role::Technician),
            'counter' => $this->person(Role::Counter),
        ];
        $machine = Machine::query()->create([
            'fleet_number' => 'J-'.Str::random(6),
            'model_id' => 'fenwold_p20',
            'serial' => Str::random(12),
            'bay' => 'bay 1',
        ]);
        $hire = $this->hireOf($machine);
        $hire->update(['goes_out_at' => now()->subHour()]);
        $this->signedIn($this->people['ines']);
        $this->walk = $this->openWalk(hire: $hire);
        $this->lines = array_column(
            array_merge(...array_column($this->walk->plan->body['visits'], 'lines')),
            null,
            'key',
        );
        $this->model = new LeavingModel($this->walk->plan->body);
        $this->taken = [];
        $this->steps = null;
        $this->begin($begun);

        return [$hire, $machine];
    }

    /** @return array{int, int} how often the machine left, and how often it was kept although somebody signed */
    private function sequence(Hire $hire, Machine $machine, string $which): array
    {
        $left = $kept = 0;
        $before = $hire->refresh()->standing()->value;
        for ($step = 0; $step < self::ENTRIES; $step++) {
            // Two in three by those who may do most; the others try what they may not.
            $this->signedIn(
                $this->people[$this->pick(['lead', 'ines', 'lead', 'ines', 'ines', 'moss', 'new', 'counter'])],
            );
            // Often somebody signs at once: that it left is where the other orders begin.
            $entry = $step === 0 && $this->random->getInt(0, 1) === 0 ? $this->signature() : $this->anyEntry();
            $this->maybeAnotherRule();
            $status = $this->give($entry);
            $now = $hire->refresh()->standing()->value;
            if ($now === 'out' && $before !== 'out') {
                self::assertNull(
                    $this->model->forbids(),
                    "{$which}, step {$step}: it left, although {$this->model->forbids()}",
                );
                $left++;
            }
            $kept += $entry['kind'] === 'handover.signed' && $status === 'refused' ? 1 : 0;
            self::assertSame(
                $now === 'ready',
                $now === 'ready' && $this->model->forbids() === null,
                "{$which}, step {$step}: it stands ready, although {$this->model->forbids()}",
            );
            $before = $now;
        }
        $this->afterwards($machine, $which);

        return [$left, $kept];
    }

    /** Every line as it should be; one walk in five has a few open lines, one in five nobody has decided about. */
    private function begin(int $begun): void
    {
        $open = $begun % 5 === 3
            ? $this->random->pickArrayKeys($this->lines, $this->random->getInt(1, 2))
            : [];
        $batch = $this->answersOf($this->walk, own: array_fill_keys($open, null));
        foreach ($batch as $entry) {
            $this->taken[] = $entry;
        }
        $this->tell($batch);
        // Most begin where somebody has released it and told the customer everything: what matters happens after that.
        if ($open === [] && $begun % 5 !== 4) {
            $this->give($this->entry('release.decided', ['decision' => 'released', 'conditions' => []]));
            // By a tablet whose clock is right: what a wrong one does is tried with every other entry.
            $told = $this->briefed($this->walk);
            $this->taken = [...$this->taken, ...$told];
            $this->tell($told);
        }
    }

    /** @param  list<array<string, mixed>>  $batch */
    private function tell(array $batch): void
    {
        foreach (array_chunk($batch, 150) as $part) {
            foreach ($this->send($this->walk, ...$part)->json('results') as $at => $result) {
                $this->model->took($part[$at], $result);
            }
        }
    }

    /** @return array<string, mixed> */
    private function anyEntry(): array
    {
        return match ($this->random->getInt(0, 15)) {
            0, 1, 2 => $this->signature(),
            3,
            4 => $this->entry(
                'release.decided',
                [
                    'decision' => $this->pick(['released', 'released', 'held', 'released_with_conditions']),
                    'conditions' => [],
                ],
            ),
            5 => $this->entry(
                'finding.placed',
                [
                    'at' => ['x' => $this->random->getInt(-40, 40), 'y' => $this->random->getInt(-20, 20)],
                    'kind' => $this->pick(['scrape', 'cut', 'dent']),
                    'size_mm' => $this->random->getInt(5, 400),
                    'words' => 'seen',
                    'photos' => [],
                    'severity' => $this->pick(['note', 'hold', 'stop', 'stop']),
                ],
            ),
            6 => $this->entry(
                'finding.graded',
                [
                    'finding' => $this->idOf('finding.placed'),
                    'severity' => $this->pick(['note', 'hold', 'stop']),
                    'reason' => 'looked at again',
                ],
            ),
            7 => $this->entry(
                'entry.struck',
                ['reason' => 'wrong machine', 'second' => $this->people['ines']->id],
                $this->idOf(null),
            ),
            8 => $this->answerAnew(),
            9 => $this->entry('tag.hung', ['reason' => 'somebody heard something']),
            10 => $this->entry(
                'repair.recorded',
                ['words' => 'mended', 'parts' => [], 'lines' => [], 'findings' => []],
            ),
            11 => $this->entry('tag.lifted', []),
            12 => $this->crossingOfAnybody(),
            13 => $this->entry('second.stood_by', []),
            // It has a walk: nobody says it out of the yard.
            14 => $this->entry('hire.out_already', ['reason' => 'somebody saw it go']),
            default => $this->entry('handover.step_shown', ['step' => $this->pick($this->steps())]),
        };
    }

    /** @return array<string, mixed> */
    private function signature(): array
    {
        return $this->entry('handover.signed', [
            'name' => 'Tobias Wray',
            'signature' => [[10, 20, 30, 40]],
            'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
        ]);
    }

    /** @return array<string, mixed> */
    private function answerAnew(): array
    {
        $line = $this->lines[$this->pick(array_keys($this->lines))];
        $lift = $this->random->getInt(0, 1) === 0
            ? []
            : [
                'lift_reason' => 'looked at the wrong one',
                'second' => $this->people[$this->pick(['ines', 'moss', 'new'])]->id,
            ];

        return $line['answer'] === 'test'
            ? $this->entry(
                'test.answered',
                [
                    'line' => $line['key'],
                ] + $lift + ($this->random->getInt(0, 1) === 0 ? self::failed() : [
                    'steps' => array_map(
                        static fn (array $step): array => ['as_expected' => true, 'seconds' => $step['seconds'] ?? 0],
                        $line['test'],
                    ),
                ]),
            )
            : $this->entry(
                'check.answered',
                [
                    'line' => $line['key'],
                    'answer' => $this->pick(['stands', 'amiss', 'amiss', 'cannot_tell', 'put_right', 'not_fitted']),
                    'words' => 'as it is',
                ] + $lift,
            );
    }

    /** @return array<string, mixed> */
    private function crossingOfAnybody(): array
    {
        $stage =
            $this->walk->plan->body['stages'][$this->random->getInt(0, count($this->walk->plan->body['stages']) - 1)];

        return $this->entry(
            'state.crossed',
            [
                'stage' => $stage['id'],
                'confirmed' => array_column($stage['lines'], 'id'),
            ] + ($this->random->getInt(0, 1) === 0 ? ['second' => $this->people['counter']->id] : []),
        );
    }

    /**
     * Posts an entry, sometimes with a wrong clock, and holds what is answered against the account beside.
     *
     * @param array<string, mixed> $entry
     */
    private function give(array $entry): string
    {
        $off = $this->random->getInt(0, 9) === 0 ? $this->pick([-40, 40, 400, 60 * 24 * 5, -60 * 24 * 365 * 30]) : 0;
        if ($off !== 0) {
            $entry['recorded_at'] = CarbonImmutable::now()->addMinutes($off)->utc()->format('Y-m-d\TH:i:s.v\Z');
            $this->withHeader(
                'X-Device-Time',
                CarbonImmutable::now()->addMinutes($off)->utc()->format('Y-m-d\TH:i:s\Z'),
            );
        }
        $actor = auth('web')->user();
        $response = $this->postJson("/api/walks/{$this->walk->id}/entries", ['entries' => [$entry]]);
        $this->withoutHeader('X-Device-Time');
        self::assertContains(intdiv($response->getStatusCode(), 100), [2, 4], (string) $response->getContent());
        $result = $response->json('results.0') ?? ['status' => 'refused'];
        // What is in doubt counts for nothing until somebody has looked.
        if ($result['status'] === 'posted' && DB::table('doubtful_entries')->where('id', $entry['id'])->doesntExist()) {
            $this->taken[] = $entry;
            $this->model->took($entry, $result);
            $this->mustHaveBeenAllowed($entry, $actor);
            if ($entry['kind'] === 'repair.recorded') {
                $this->model->reopened(
                    DB::table('walk_lines')->where('walk_id', $this->walk->id)
                        ->where('outcome', 'open')
                        ->pluck('key')
                        ->all(),
                );
            }
        }

        return (string) $result['status'];
    }

    /** @param  array<string, mixed>  $entry */
    private function mustHaveBeenAllowed(array $entry, mixed $actor): void
    {
        if ($entry['kind'] !== 'state.crossed') {
            return;
        }
        $stage = array_column($this->walk->plan->body['stages'], null, 'id')[$entry['payload']['stage']];
        // Told from the words of the plan: what is not stopped is driven or worked.
        $isPowered = in_array(
            $stage['id'],
            ['running', 'function', 'function_out', 'platform', 'platform_out', 'driving', 'drive_raised',
                'drive_extended'],
            true,
        );
        self::assertFalse(
            $isPowered && $actor instanceof User && $actor->is($this->people['new']),
            'power was put on by somebody who never was qualified',
        );
        if ($stage['asks_second_person']) {
            $second = $entry['payload']['second'] ?? null;
            self::assertNotNull($second, 'alone where nobody is alone');
            self::assertTrue(
                LedgerEntry::query()->where('walk_id', $this->walk->id)
                    ->where('kind', 'second.stood_by')
                    ->where('actor_id', $second)
                    ->exists(),
                'somebody was only named',
            );
        }
    }

    private function afterwards(Machine $machine, string $which): void
    {
        self::assertNull(
            $this->app->make(VerifyLedger::class)($machine)->firstBroken,
            "{$which}: the chain is broken",
        );
        $before = $this->projections($machine);
        $this->app->make(RebuildProjections::class)();
        self::assertEquals($before, $this->projections($machine), "{$which}: a rebuild gives something else");
    }

    /** @return array<string, mixed> */
    private function projections(Machine $machine): array
    {
        return [
            DB::table('walks')->where('machine_id', $machine->id)->get()->all(),
            DB::table('machine_states')->where('machine_id', $machine->id)->get()->all(),
            DB::table('findings')->where('machine_id', $machine->id)->orderBy('id')->get()->all(),
            DB::table('walk_lines')->where('walk_id', $this->walk->id)->orderBy('position')->get()->all(),
        ];
    }

    private function maybeAnotherRule(): void
    {
        if ($this->random->getInt(0, 59) === 0) {
            $this->signedIn($this->people['lead']);
            $this->putJson(
                '/api/house-rules/lanyard',
                ['value' => $this->pick(['booms_only', 'always']), 'reason' => 'as the site asks'],
            );
        }
    }

    /** @return list<string> what is told of the machine: the same in every order */
    private function steps(): array
    {
        return $this->steps ??= array_column(
            $this->getJson("/api/walks/{$this->walk->id}/briefing")->assertOk()->json('steps'),
            'id',
        );
    }

    /** The id of something that was posted before, or of nothing. */
    private function idOf(?string $kind): string
    {
        $of = array_values(
            array_filter($this->taken, static fn (array $entry): bool => $kind === null || $entry['kind'] === $kind),
        );

        return $of === [] ? (string) Str::uuid7() : $of[$this->random->getInt(0, count($of) - 1)]['id'];
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
