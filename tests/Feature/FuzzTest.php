<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Contract;
use App\Models\Role;
use App\Models\Tag;
use App\Models\User;
use App\Models\Walk;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Support\BodyFuzzer;
use Tests\Support\YardTestCase;

/**
 * Bodies and parameters that nobody would send, over every route: each is answered with what to do, none breaks
 * anything, none shows what is another yard's.
 */
final class FuzzTest extends YardTestCase
{
    private const REQUESTS = 5_000;

    /** What no request needs more of, however large the yard is. */
    private const MOST_QUERIES = 120;

    private const NEVER_SAID = '/SQLSTATE|Stack trace|#0 |vendor\/|Illuminate\\\\|\.php\b|Whoops/';

    private BodyFuzzer $fuzzer;

    private Walk $walk;

    /** @var list<array{string, string, \stdClass|null}> method, path and the schema of its body */
    private array $operations = [];

    /** @var array<string, list<string>> */
    private array $parameters;

    /** @var list<string> what belongs to the other yard */
    private array $theirs;

    /** @var list<User> */
    private array $people;

    private int $queries = 0;

    protected function setUp(): void
    {
        parent::setUp();
        config(['jade.requests_a_minute' => 10_000_000]);
        $this->as(Role::Lead);
        $theirWalk = $this->openWalk();
        $this->theirs = [
            $this->machine->id,
            $this->hire->id,
            $theirWalk->id,
            $this->machine->serial,
            $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('theirs.jpg', 30, 20)])->json('sha256'),
        ];

        $this->app
            ->make(CurrentYard::class)
            ->stepInto(
                Yard::query()->create(['name' => 'Second yard', 'place' => 'inland', 'timezone' => 'Europe/Madrid']),
            );
        $this->machine = $this->machine->replicate(['yard_id']);
        $this->machine->forceFill(['fleet_number' => 'Z-77', 'serial' => 'OURS77'])->save();
        $this->hire = $this->hireOf($this->machine);
        $this->people = array_map($this->as(...), Role::cases());
        $this->as(Role::Lead);
        $this->walk = $this->openWalk();
        $this->cross($this->walk, 'cold_isolated');
        $photo = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('ours.jpg', 40, 30)])->json(
            'sha256',
        );
        $finding = $this->post_($this->walk, 'finding.placed', [
            'at' => ['x' => 120, 'y' => 300],
            'kind' => 'crack',
            'words' => 'Weld',
            'photos' => [],
            'severity' => 'stop',
        ]);
        $this->post_($this->walk, 'tag.hung', ['reason' => 'Crack in the weld', 'reference' => $finding]);

        $this->parameters = [
            'machine' => [$this->machine->id, $this->theirs[0]],
            'hire' => [$this->hire->id, $this->theirs[1]],
            'walk' => [$this->walk->id, $this->theirs[2]],
            'photo' => [$photo, $this->theirs[4]],
            'upload' => [$this->postJson('/api/photo-uploads', ['bytes' => 4_000_000])->json('id')],
            'table' => ['machines', 'hirers', 'people'],
            'hirer' => [$this->hire->customer_id],
            'tablet' => [$this->postJson('/api/tablets', ['name' => 'Shed tablet'])->json('tablets.0.id')],
            'tag' => [Tag::query()->where('machine_id', $this->machine->id)->firstOrFail()->id],
            'person' => array_column($this->people, 'id'),
            'movement' => ['checkout', 'return'],
            'point' => ['svc-oil', 'svc-nothing'],
            'step' => ['introduction', 'no_such_step'],
            'feed' => ['01890000-0000-7000-8000-000000000000'],
            'token' => [str_repeat('a', 64)],
            'sheet' => ['platform-load', 'bucket', 'edge', 'nothing'],
            'model' => ['dromvik_14c', 'no_such_model'],
            'rule' => array_column($this->getJson('/api/house-rules')->json('rules'), 'id'),
            'qualification' => ['earthmoving', 'repairs'],
        ];
        $this->operations();
        // What is theirs is named where a thing is named, and never written into a text that would come back as our
        // own.
        $ours = array_diff(array_merge(...array_values($this->parameters)), $this->theirs);
        $this->fuzzer = new BodyFuzzer(
            $this->app->make(Contract::class)->document(),
            new Randomizer(new Xoshiro256StarStar(20_261_125)),
            [
                ...array_values($ours),
                $finding,
                ...array_keys($this->walk->lines->keyBy('key')->all()),
                ...array_column($this->walk->plan->body['stages'], 'id'),
                'mm',
                'kPa',
                'psi',
                'dent',
                'crack',
                'stop',
                'note',
                '12.5',
                '1000.0',
            ],
            [...array_values($ours), $finding, ...$this->theirs],
        );
    }

    public function test_five_thousand_requests_break_nothing_and_show_nothing_of_another_yard(): void
    {
        DB::listen(function (QueryExecuted $query): void {
            $this->queries++;
        });
        $seen = [];
        for ($n = 0; $n < self::REQUESTS; $n++) {
            [$method, $path, $schema] = $this->fuzzer->pick($this->operations);
            $this->be($this->fuzzer->pick($this->people), 'web');
            $body = str_ends_with($path, '/{walk}/entries')
                ? $this->batch()
                : ($method === 'GET'
                    ? null
                    : $this->fuzzer->of($schema));
            $this->queries = 0;
            $this->ask($n, $method, $this->address($path, $method), $body, $seen);
        }

        // It got past the door, too: most routes answered some of it well, and refused some.
        self::assertGreaterThan(300, $seen[200] ?? 0);
        self::assertGreaterThan(300, $seen[422] ?? 0);
        self::assertGreaterThan(100, $seen[404] ?? 0);
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    /** @param  array<int, int>  $seen how many answers had which status */
    private function ask(int $n, string $method, string $address, mixed $body, array &$seen): void
    {
        $text = $body === null ? '' : json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
        $answer = $this->call(
            $method,
            $address,
            server: $this->transformHeadersToServerVars([
                'Content-Type' => 'application/json',
                'Accept' => 'application/json',
                'Origin' => 'http://localhost',
            ]),
            content: (string) $text,
        );
        $told =
            "Request {$n}: {$method} {$address} ".
            mb_substr((string) $text, 0, 1500).
            "\n".
            mb_substr((string) $answer->getContent(), 0, 1500);
        $status = $answer->getStatusCode();
        $seen[$status] = ($seen[$status] ?? 0) + 1;

        self::assertLessThan(
            500,
            $status,
            $told."\n".mb_substr((string) ($answer->baseResponse->exception ?? ''), 0, 2000),
        );
        self::assertLessThanOrEqual(self::MOST_QUERIES, $this->queries, $told);
        if ($status >= 400) {
            self::assertSame('application/problem+json', $answer->headers->get('Content-Type'), $told);
            self::assertDoesNotMatchRegularExpression(self::NEVER_SAID, (string) $answer->getContent(), $told);
        } elseif (str_contains((string) $answer->headers->get('Content-Type'), 'json')) {
            foreach ($this->theirs as $mark) {
                // What was sent may come back, as the id of a refused entry does.
                if (! str_contains((string) $text, $mark)) {
                    self::assertStringNotContainsString($mark, (string) $answer->getContent(), $told);
                }
            }
        }
    }

    private function batch(): mixed
    {
        if ($this->fuzzer->chance(20)) {
            return $this->fuzzer->of(null);
        }
        $kinds = array_filter(
            array_keys(get_object_vars($this->app->make(Contract::class)->document()->components->schemas)),
            static fn (string $name): bool => str_ends_with($name, 'Payload'),
        );
        $entries = [];
        for ($n = 0; $n < 3; $n++) {
            $schema = $this->fuzzer->pick($kinds);
            [$of, $did] = preg_split('/(?<=[a-z])(?=[A-Z])/', substr($schema, 0, -7), 2) ?: ['check', 'answered'];
            $entries[] =
                [
                    'id' => (string) Str::uuid7(),
                    'kind' => strtolower($of).'.'.Str::snake($did ?? 'answered'),
                    'recorded_at' => self::now(),
                    'payload' => $this->fuzzer->of(
                        $this->app->make(Contract::class)->document()->components->schemas->{$schema},
                    ),
                ] + ($this->fuzzer->chance(6) ? ['corrects' => $this->fuzzer->word()] : []);
        }

        return ['entries' => $entries];
    }

    private function address(string $path, string $method): string
    {
        $address = (string) preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $name): string => rawurlencode(
                $this->fuzzer->chance(10)
                    ? str_replace('/', '', $this->fuzzer->word())
                    : $this->fuzzer->pick($this->parameters[$name[1]]),
            ),
            $path,
        );
        if ($method === 'PATCH') {
            $address .= '?offset='.$this->fuzzer->pick(['0', '0', '1', '-1', 'x']);
        }
        if ($method === 'GET' && $this->fuzzer->chance(3)) {
            $address .=
                '?'.
                http_build_query([
                    $this->fuzzer->pick(['date', 'cursor', 'page', 'q']) => $this->fuzzer->chance(5)
                        ? [$this->fuzzer->word()]
                        : $this->fuzzer->word(),
                ]);
        }

        return $address;
    }

    private function operations(): void
    {
        foreach (get_object_vars($this->app->make(Contract::class)->document()->paths) as $path => $methods) {
            foreach (get_object_vars($methods) as $method => $operation) {
                // Signing in hashes a password, which is slow on purpose; signing out would end the fuzz.
                if (! str_starts_with($path, '/api/session') && $path !== '/api/metrics') {
                    $this->operations[] = [
                        strtoupper($method),
                        $path,
                        $operation->requestBody->content->{'application/json'}->schema ?? null,
                    ];
                }
            }
        }
    }
}
