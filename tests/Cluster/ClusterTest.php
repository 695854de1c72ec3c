<?php

declare(strict_types=1);

namespace Tests\Cluster;

use App\Ledger\RebuildProjections;
use App\Ledger\VerifyLedger;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Tag;
use GuzzleHttp\Promise\EachPromise;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\ClusterStack;
use Tests\Support\PostingTechnician;
use Tests\Support\Tablet;
use Tests\Support\YardTestCase;

/** Three database nodes and two web nodes, of which one of each is killed while twenty technicians post. */
final class ClusterTest extends YardTestCase
{
    private const TECHNICIANS = 20;

    private const SECONDS = 120;

    private const PAUSE_MS = 500;

    /** Writes go on within so many seconds, whatever is killed. */
    private const LONGEST_GAP = 10.0;

    /** What happens, and in which second. */
    private const BLOWS = [
        30 => 'kill-database 2',
        52 => 'launch-database 2',
        75 => 'kill-web 1',
        92 => 'launch-web 1',
    ];

    private static ClusterStack $cluster;

    /** @var list<PostingTechnician> */
    private array $technicians = [];

    /** @var list<string> of the machines that are walked */
    private array $machines = [];

    /** @var list<array{Tablet, string}> of machines that are tagged meanwhile, two at a time: who, and on which walk */
    private array $toTag = [];

    /** @var list<int> */
    private array $answersToTags = [];

    private string $waitsFor = '';

    public static function setUpBeforeClass(): void
    {
        $folder = dirname(__DIR__, 2).'/storage/test-cluster';
        (new Filesystem())->deleteDirectory($folder);
        self::$cluster = ClusterStack::start($folder, 8500, [
            'APP_KEY' => (string) getenv('APP_KEY'),
            'DB_PASSWORD' => (string) getenv('DB_PASSWORD'),
            'DB_OWNER_PASSWORD' => (string) getenv('DB_OWNER_PASSWORD'),
            'REQUESTS_A_MINUTE' => '1000000',
        ]);
    }

    public static function tearDownAfterClass(): void
    {
        self::$cluster->stop();
    }

    public function createApplication(): Application
    {
        $app = parent::createApplication();
        $app->make('config')->set([
            'database.connections.mariadb.port' => self::$cluster->databasePort(1),
            'database.connections.mariadb.database' => 'jade',
            'jade.keys_folder' => self::$cluster->folder.'/keys',
        ]);

        return $app;
    }

    /** The servers see only what is committed. */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    public function test_a_database_and_a_web_node_that_are_killed_under_load_lose_and_double_nothing(): void
    {
        $this->comeToWork();
        $began = microtime(true);
        $blows = self::BLOWS;
        $posts = $this->posts($began, $blows);
        (new EachPromise($posts, [
            'concurrency' => self::TECHNICIANS,
            'rejected' => static fn (\Throwable $fault) => throw $fault,
        ]))
            ->promise()
            ->wait();
        if ($this->waitsFor !== '') {
            self::$cluster->done($this->waitsFor);
        }
        self::assertSame([], $blows, 'every blow fell');
        $gap = max(array_column($this->technicians, 'longestGap'));
        $over =
            max(
                array_column(
                    array_filter(
                        $this->technicians,
                        static fn (PostingTechnician $one): bool => $one->longestGap === $gap,
                    ),
                    'longestGapEnded',
                ),
            ) - $began;
        $this->finish();
        fwrite(
            STDERR,
            sprintf(
                "\n%d batches acknowledged, %d sent again, the longest time without one %.1f s, "
                    ."over in second %.0f, answers %s\n",
                intdiv(
                    array_sum(
                        array_map(
                            static fn (PostingTechnician $one): int => count($one->acknowledged),
                            $this->technicians,
                        ),
                    ),
                    3,
                ),
                array_sum(array_column($this->technicians, 'sentAgain')),
                $gap,
                $over,
                json_encode(array_count_values(array_merge(...array_column($this->technicians, 'answers')))),
            ),
        );
        self::assertLessThan(self::LONGEST_GAP, $gap);
        for ($node = 1; $node <= ClusterStack::DATABASES; $node++) {
            $this->nothingIsLostOrDoubledOn($node);
        }
        // A rebuild on one node is the same on the others.
        $was = $this->projections();
        $this->app->make(RebuildProjections::class)();
        self::assertSame($was, $this->projections());
        $this->on(1);
        self::assertSame($was, $this->projections());
        foreach ([1, 2] as $web) {
            self::$cluster->run("artisan {$web} ledger:verify");
        }
    }

    private function comeToWork(): void
    {
        for ($n = 0; $n < 2 * self::TECHNICIANS; $n++) {
            $machine = Machine::query()->create([
                'fleet_number' => 'K-'.Str::random(8),
                'model_id' => 'dromvik_14c',
                'serial' => Str::random(12),
                'bay' => 'bay 1',
            ]);
            $hire = $this->hireOf($machine);
            $person = $this->person(Role::Technician);
            $walk = (string) Str::uuid7();
            $tablet = new Tablet(self::$cluster->url);
            $tablet->signIn($person->login, 'tern-quay');
            $opened = $tablet->post("/api/hires/{$hire->id}/walks", [
                'id' => $walk,
                'movement' => 'checkout',
                'recorded_at' => self::now(),
            ]);
            self::assertSame(201, $opened->getStatusCode(), (string) $opened->getBody());
            if ($n < self::TECHNICIANS) {
                $this->technicians[] = new PostingTechnician($tablet, $walk, self::PAUSE_MS);
                $this->machines[] = $machine->id;
            } else {
                $this->toTag[] = [$tablet, $walk];
            }
        }
    }

    /**
     * @param array<int, string> $blows those that have not fallen yet
     * @return \Generator<PromiseInterface>
     */
    private function posts(float $began, array &$blows): \Generator
    {
        $free = $this->technicians;
        $nextTags = 3.0;
        while (($passed = microtime(true) - $began) < self::SECONDS) {
            $this->strike($passed, $blows);
            if ($passed >= $nextTags && $this->toTag !== []) {
                // Two at once, as like as not on two nodes.
                $nextTags += 11.0;
                foreach (array_splice($this->toTag, 0, 2) as [$tablet, $walk]) {
                    yield $this->hang($tablet, $walk);
                }

                continue;
            }
            $technician = array_shift($free);
            self::assertNotNull($technician, 'as many places as technicians');
            yield $technician->send()->then(static function () use ($technician, &$free): void {
                $free[] = $technician;
            });
        }
    }

    /** @param  array<int, string>  $blows */
    private function strike(float $passed, array &$blows): void
    {
        if ($this->waitsFor !== '' && self::$cluster->isDone()) {
            self::$cluster->done($this->waitsFor);
            $this->waitsFor = '';
        }
        $second = array_key_first($blows);
        if ($second !== null && $passed >= $second && $this->waitsFor === '') {
            $this->waitsFor = $blows[$second];
            self::$cluster->command($this->waitsFor);
            unset($blows[$second]);
        }
    }

    /** Until it hangs, as the outbox does. */
    private function hang(Tablet $tablet, string $walk, ?string $id = null): PromiseInterface
    {
        $id ??= (string) Str::uuid7();
        $entry = [
            'id' => $id,
            'kind' => 'tag.hung',
            'recorded_at' => self::now(),
            'payload' => ['reason' => 'It leaks.'],
        ];
        $again = fn (): PromiseInterface => $this->hang($tablet, $walk, $id);

        return $tablet
            ->postAsync("/api/walks/{$walk}/entries", ['entries' => [$entry]], 200)
            ->then(function ($answer) use ($again): ?PromiseInterface {
                $this->answersToTags[] = $answer->getStatusCode();

                return $answer->getStatusCode() === 200 ? null : $again();
            }, $again);
    }

    /** What was under way at the end is sent again until it is there. */
    private function finish(): void
    {
        foreach ($this->technicians as $technician) {
            while ($technician->send()->wait() !== true) {
            }
        }
    }

    private function on(int $node): void
    {
        config(['database.connections.mariadb.port' => self::$cluster->databasePort($node)]);
        DB::purge();
        DB::statement('SET SESSION wsrep_sync_wait = 7');
    }

    private function nothingIsLostOrDoubledOn(int $node): void
    {
        $this->on($node);
        foreach ($this->technicians as $n => $technician) {
            $stored = LedgerEntry::query()
                ->where('machine_id', $this->machines[$n])
                ->where('kind', 'finding.placed')
                ->pluck('id')
                ->all();
            self::assertSame(
                [],
                array_diff($technician->acknowledged, $stored),
                "An acknowledged entry is lost on node {$node}.",
            );
            self::assertSame(
                [],
                array_diff($stored, $technician->acknowledged),
                "An entry is stored on node {$node} that nobody knows of.",
            );
            self::assertSameSize(array_unique($technician->acknowledged), $stored, 'An entry is doubled.');
            self::assertNull(
                $this->app->make(VerifyLedger::class)(Machine::query()->findOrFail($this->machines[$n]))->firstBroken,
            );
            self::assertSame(count($stored), DB::table('findings')->where('machine_id', $this->machines[$n])->count());
        }
        $answers = array_unique(array_merge(...array_column($this->technicians, 'answers')));
        self::assertSame([], array_diff($answers, [200, 502, 503, 504]), 'A blow was answered as a fault of ours.');
        self::assertSame([], array_diff(array_unique($this->answersToTags), [200, 502, 503, 504]));
        $numbers = Tag::query()->orderBy('number')->pluck('number')->all();
        self::assertGreaterThan(10, count($numbers));
        self::assertSame(range(1, count($numbers)), $numbers, 'tags are numbered without a gap and none twice');
    }

    /** @return array<string, string> a digest of the rows of each projection, on the node that is asked */
    private function projections(): array
    {
        $digests = [];
        foreach (RebuildProjections::TABLES as $table) {
            $rows = array_map(
                static fn (object $row): string => (string) json_encode($row),
                DB::table($table)->get()->all(),
            );
            sort($rows);
            $digests[$table] = count($rows).' '.hash('sha256', implode("\n", $rows));
        }

        return $digests;
    }
}
