<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\PostEntries;
use App\Catalogue\BuiltCatalogues;
use App\Catalogue\CatalogueRepository;
use App\Contract\Contract;
use App\Ledger\Actor;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\QualificationRecord;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Database\Seeders\Demo\DemoAnswers;
use Database\Seeders\Demo\DemoReadings;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use JadeLedger\Core\People\Qualification;

/** A yard with one machine and its people, on a real MariaDB; every answer is held against the API's description. */
abstract class YardTestCase extends TestCase
{
    use DatabaseTransactions;

    /** An excavator, which has most that a machine can have; what any machine shows is tried on one of fewer lines. */
    protected const MODEL = 'dromvik_14c';

    protected Machine $machine;

    protected Hire $hire;

    protected ?User $standsBy = null;

    /** Each test has an application of its own; what follows from a version of the catalogue is the same in all. */
    private static ?BuiltCatalogues $built = null;

    private static bool $isKept = false;

    /** What the workers of a yard share. */
    private static ?ArrayStore $shared = null;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        $app->instance(BuiltCatalogues::class, self::$built ??= new BuiltCatalogues);
        $shared = self::$shared ??= new ArrayStore;
        $app['config']->set('cache.stores.shared.driver', 'of_all_tests');
        $app['cache']->extend('of_all_tests', fn (): Repository => new Repository($shared));
        // The framework lets everybody wait as long, whatever was wrong with the password.
        $app['config']->set('auth.timebox_duration', 0);

        return $app;
    }

    /** @return array<string, string> */
    protected function setUpTraits(): array
    {
        // A megabyte that every walk needs: kept before the transaction that a test takes back.
        if ($this->connectionsToTransact() !== [] && ! self::$isKept) {
            $this->app->make(CatalogueRepository::class)->keepCurrent();
            $this->app->make(CatalogueRepository::class)->forget();
            self::$isKept = true;
        }

        return parent::setUpTraits();
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->withHeaders(['Origin' => 'http://localhost', 'Accept' => 'application/json']);
        // Tests with a stack of their own commit what they write; nothing of theirs is taken back.
        if ($this->connectionsToTransact() !== []) {
            self::assertSame(0, Yard::query()->count(), 'A test before this one left a yard in the database.');
        }
        $this->app
            ->make(CurrentYard::class)
            ->stepInto(
                Yard::query()->create([
                    'name' => 'Tern Quay Hire',
                    'place' => 'Wennet estuary',
                    'timezone' => 'Europe/London',
                    'currency' => 'GBP',
                ]),
            );
        $this->machine = Machine::query()->create([
            'fleet_number' => 'E-'.random_int(100, 8999),
            'model_id' => static::MODEL,
            'serial' => Str::random(12),
            'bay' => 'bay 1',
        ]);
        $this->hire = $this->hireOf($this->machine);
    }

    protected function hireOf(Machine $machine): Hire
    {
        return Hire::query()->create([
            'folio' => random_int(10_000, 4_000_000),
            'machine_id' => $machine->id,
            'customer_id' => Customer::query()->create(['name' => 'Saltmarsh Drainage'])->id,
            'goes_out_at' => self::laterToday(),
            'comes_back_at' => CarbonImmutable::now()->addDays(2),
        ]);
    }

    /** In an hour, and before the day of the yard is over: what leaves tomorrow stands on tomorrow's page. */
    private static function laterToday(): CarbonImmutable
    {
        $now = CarbonImmutable::now();

        return $now->addHour()->min($now->setTimezone('Europe/London')->endOfDay()->startOfSecond()->utc());
    }

    /** Somebody who is qualified for everything. */
    protected function person(Role $role): User
    {
        $person = $this->unqualified($role);
        $this->qualifyForEverything($person, CarbonImmutable::now()->addYear());

        return $person;
    }

    /** Somebody of whom no qualification was ever recorded. */
    protected function unqualified(Role $role): User
    {
        return User::query()->create([
            'name' => "The {$role->value}",
            'login' => strtolower($role->value.Str::random(8)),
            'initials' => 'TT',
            'role' => $role,
            'password' => 'tern-quay',
        ]);
    }

    /** Everything that this person is qualified for ran out yesterday: what was recorded is never taken away. */
    protected function runsOut(User $person): void
    {
        $this->qualifyForEverything($person, CarbonImmutable::now()->subDay());
    }

    protected function qualify(User $person, string $qualification, CarbonImmutable $until): void
    {
        QualificationRecord::query()->create(self::qualified($person, $qualification, $until));
    }

    private function qualifyForEverything(User $person, CarbonImmutable $until): void
    {
        QualificationRecord::query()->insert(array_map(
            static fn (Qualification $qualification): array => self::qualified($person, $qualification->id, $until),
            array_values($this->app->make(CatalogueRepository::class)->current()->qualifications),
        ));
    }

    /** @return array<string, mixed> */
    private static function qualified(User $person, string $qualification, CarbonImmutable $until): array
    {
        return [
            'user_id' => $person->id,
            'qualification' => $qualification,
            'valid_until' => $until->format('Y-m-d'),
            'proof' => 'card 20417, seen',
            'recorded_at' => CarbonImmutable::now(),
        ];
    }

    /**
     * The crossing into a state, with whoever stands by where nobody may be alone.
     *
     * @return array<string, mixed>
     */
    protected function crossing(Walk $walk, string $stage): array
    {
        $crossing = array_column($walk->plan->body['stages'], null, 'id')[$stage];
        $second = $crossing['asks_second_person'] ? ['second' => $this->standsBy($walk)->id] : [];

        return ['stage' => $stage, 'confirmed' => array_column($crossing['lines'], 'id')] + $second;
    }

    /** Somebody who said from a session of their own that they stand by. */
    protected function standsBy(Walk $walk): User
    {
        $this->standsBy ??= $this->person(Role::Technician);
        if (
            ! LedgerEntry::query()
                ->where('walk_id', $walk->id)
                ->where('actor_id', $this->standsBy->id)
                ->where('kind', 'second.stood_by')
                ->exists()
        ) {
            $said = json_decode((string) json_encode($this->entry('second.stood_by', [])));
            $result = $this->app->make(PostEntries::class)(
                $walk->withoutRelations(),
                [$said],
                Actor::person($this->standsBy),
            )[0];
            self::assertNull($result->problem, (string) $result->problem?->detail);
        }

        return $this->standsBy;
    }

    /**
     * The same entry with the secret of its second person sealed in it.
     *
     * @param array<string, mixed> $entry
     * @return array<string, mixed>
     */
    protected function sealed(array $entry, string $secret): array
    {
        return array_replace_recursive($entry, [
            'payload' => ['second_sealed' => Sealed::to($this->sealingKey(), $secret, $entry['id'])],
        ]);
    }

    /** The yard's public point, to which a tablet seals. */
    protected function sealingKey(): string
    {
        return (string) $this->getJson('/api/session')->json('sealing_key');
    }

    protected function as(Role $role): User
    {
        return $this->signedIn($this->person($role));
    }

    protected function signedIn(User $user): User
    {
        // A guard remembers whom it saw first, and a session whose password it was opened with.
        $this->actingAsGuest('sanctum');
        $this->flushSession();
        $this->actingAs($user, 'web');

        return $user;
    }

    protected function openWalk(string $movement = 'checkout', ?Hire $hire = null): Walk
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/hires/'.($hire ?? $this->hire)->id.'/walks', [
            'id' => $id,
            'movement' => $movement,
            'recorded_at' => self::now(),
        ])->assertCreated();

        return Walk::query()->findOrFail($id);
    }

    /** @param  array<string, mixed>  $payload @return array<string, mixed> */
    protected function entry(string $kind, array $payload, ?string $corrects = null): array
    {
        return [
            'id' => (string) Str::uuid7(),
            'kind' => $kind,
            'recorded_at' => self::now(),
            'payload' => $payload === [] ? new \stdClass() : $payload,
        ] + ($corrects === null ? [] : ['corrects' => $corrects]);
    }

    /** @param  array<string, mixed>  ...$entries */
    protected function send(Walk $walk, array ...$entries): TestResponse
    {
        $response = $this->postJson("/api/walks/{$walk->id}/entries", ['entries' => array_values($entries)]);
        $this->assertFits($response, $response->isOk() ? 'BatchResult' : 'Problem');

        return $response;
    }

    /**
     * What a test begins with: whether the answer to a whole walk keeps to the contract is asked by FamiliesTest.
     *
     * @param list<array<string, mixed>> $entries
     */
    private function sendUnread(Walk $walk, array $entries): TestResponse
    {
        return $this->postJson("/api/walks/{$walk->id}/entries", ['entries' => $entries]);
    }

    /**
     * Sends as a tablet does that knows the walk up to an entry.
     *
     * @param array<string, mixed> ...$entries
     */
    protected function sendKnowing(int $sequence, Walk $walk, array ...$entries): TestResponse
    {
        return $this->postJson("/api/walks/{$walk->id}/entries", [
            'entries' => array_values($entries),
            'known_sequence' => $sequence,
        ]);
    }

    /** @param  array<string, mixed>  $payload */
    protected function post_(Walk $walk, string $kind, array $payload, ?string $corrects = null): string
    {
        $entry = $this->entry($kind, $payload, $corrects);
        $this->send($walk, $entry)->assertOk();

        return $entry['id'];
    }

    protected function cross(Walk $walk, string $stage): void
    {
        $this->post_($walk, 'state.crossed', $this->crossing($walk, $stage));
    }

    /**
     * Walks every line, each as it should be, but for those that are given.
     *
     * @param array<string, array<string, mixed>|null> $own payload by line key; null leaves the line open
     * @param array<string, string> $values of instruments by line key
     */
    protected function walkThrough(Walk $walk, string $hours = '1000.0', array $own = [], array $values = []): void
    {
        foreach (array_chunk($this->answersOf($walk, $hours, $own, $values), 150) as $part) {
            $results = $this->sendUnread($walk, $part)->assertOk()->json('results');
            self::assertSame(
                [],
                array_values(
                    array_filter($results, static fn (array $result): bool => $result['status'] === 'refused'),
                ),
            );
        }
    }

    /**
     * The crossings and lines of a walk in their order, each as it should be, but for those that are given.
     *
     * @param array<string, array<string, mixed>|null> $own payload by line key; null leaves the line open
     * @param array<string, string> $values of instruments by line key
     * @return list<array<string, mixed>>
     */
    protected function answersOf(Walk $walk, string $hours = '1000.0', array $own = [], array $values = []): array
    {
        $plan = $walk->plan->body;
        $conditions = array_column($plan['conditions'], null, 'id');
        $answers = new DemoAnswers(new DemoReadings($hours, $values), $walk->machine->serial);
        $stage = null;
        $batch = [];
        foreach ($plan['visits'] as $visit) {
            if ($visit['stage'] !== $stage) {
                $stage = $visit['stage'];
                $batch[] = $this->entry('state.crossed', $this->crossing($walk, $stage));
            }
            foreach ($visit['lines'] as $line) {
                if (array_key_exists($line['key'], $own)) {
                    if ($own[$line['key']] !== null) {
                        $batch[] = $this->entry(
                            isset($own[$line['key']]['steps']) ? 'test.answered' : 'check.answered',
                            $own[$line['key']] + ['line' => $line['key']],
                        );
                    }
                } else {
                    $batch[] = $this->entry(...$answers->of($line, $conditions));
                }
            }
        }

        return $batch;
    }

    /**
     * A function test that ended at its first step.
     *
     * @return array<string, mixed>
     */
    protected static function failed(string $observed = 'It moved although it should not.'): array
    {
        return ['steps' => [['as_expected' => false, 'observed' => $observed]]];
    }

    /** Walks every line before one that is named, and brings the machine into the state in which that one is done. */
    protected function walkUpTo(Walk $walk, string $key): void
    {
        $before = [];
        foreach ($walk->plan->body['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                if ($line['key'] === $key) {
                    $this->walkLines($walk, $before);
                    $this->cross($walk, $visit['stage']);

                    return;
                }
                $before[] = $line['key'];
            }
        }
    }

    /**
     * Walks these lines, each as it should be.
     *
     * @param list<string> $keys
     */
    protected function walkLines(Walk $walk, array $keys): void
    {
        $plan = $walk->plan->body;
        $conditions = array_column($plan['conditions'], null, 'id');
        $answers = new DemoAnswers(new DemoReadings('1000.0'), $walk->machine->serial);
        $batch = [];
        $stage = null;
        foreach ($plan['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                if (in_array($line['key'], $keys, true)) {
                    if ($visit['stage'] !== $stage) {
                        $stage = $visit['stage'];
                        $batch[] = $this->entry('state.crossed', $this->crossing($walk, $stage));
                    }
                    $batch[] = $this->entry(...$answers->of($line, $conditions));
                }
            }
        }
        foreach ($batch === [] ? [] : $this->send($walk, ...$batch)->json('results') as $result) {
            self::assertNotSame('refused', $result['status'], (string) json_encode($result));
        }
    }

    /** @return list<string> */
    protected function confirmed(Walk $walk, string $stage): array
    {
        return array_column(array_column($walk->plan->body['stages'], null, 'id')[$stage]['lines'], 'id');
    }

    protected function handOver(Walk $walk): void
    {
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->sendUnread($walk, $this->briefed($walk))->assertOk();
        $this->post_($walk, 'handover.signed', [
            'name' => 'Tobias Wray',
            'signature' => [[10, 20, 30, 40]],
            'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
        ]);
    }

    /** Whoever was briefed answers every question rightly. */
    protected function answerBack(Walk $walk): void
    {
        $this->sendUnread($walk, $this->rightAnswers($walk))->assertOk();
    }

    /** @return list<array<string, mixed>> every step shown, and every question answered rightly */
    protected function briefed(Walk $walk): array
    {
        return [
            ...$this->shown(array_column($this->getJson("/api/walks/{$walk->id}/briefing")->json('steps'), 'id')),
            ...$this->rightAnswers($walk),
        ];
    }

    /**
     * @param list<string> $steps
     * @return list<array<string, mixed>>
     */
    protected function shown(array $steps): array
    {
        return array_map(fn (string $step): array => $this->entry('handover.step_shown', ['step' => $step]), $steps);
    }

    /** @return list<array<string, mixed>> */
    protected function rightAnswers(Walk $walk): array
    {
        return array_map(
            fn (string $id): array => $this->entry('handover.answered', [
                'question' => $id,
                'form' => 0,
                'answer' => 0,
            ]),
            array_column($this->getJson("/api/walks/{$walk->id}/briefing")->json('questions'), 'id'),
        );
    }

    /**
     * A level with its whole posture held.
     *
     * @return array<string, mixed>
     */
    protected function reading(string $line, string $value, string $unit = 'mm'): array
    {
        return [
            'line' => $line,
            'value' => $value,
            'unit' => $unit,
            'observed' => [
                ['condition' => 'level_ground', 'value' => '0.6'],
                ['condition' => 'arm_upright', 'seen' => true],
                ['condition' => 'engine_off_5_min', 'value' => '12'],
                ['condition' => 'oil_20_to_40', 'value' => '27'],
            ],
        ];
    }

    protected function entriesOf(Machine $machine): int
    {
        return LedgerEntry::query()->where('machine_id', $machine->id)->count();
    }

    protected function assertFits(TestResponse $response, string $schema): void
    {
        $faults = $this->app->make(Contract::class)->faults($schema, json_decode((string) $response->getContent()));
        self::assertSame(
            [],
            $faults,
            "The answer does not fit {$schema}: ".mb_substr((string) $response->getContent(), 0, 600),
        );
        if ($schema === 'Problem') {
            self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
        }
    }

    protected static function now(): string
    {
        return CarbonImmutable::now()->utc()->format('Y-m-d\TH:i:s.v\Z');
    }
}
