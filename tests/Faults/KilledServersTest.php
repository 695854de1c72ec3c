<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Ledger\VerifyLedger;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Role;
use GuzzleHttp\Promise\EachPromise;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestDox;
use Tests\Support\ApartStack;
use Tests\Support\PostingTechnician;
use Tests\Support\Tablet;
use Tests\Support\YardTestCase;

/** Servers that die in mid-post, under load. The yard is one of its own: see ops/apart.sh. */
#[TestDox('Servers that are killed')]
final class KilledServersTest extends YardTestCase
{
    private const TECHNICIANS = 6;

    private static ApartStack $stack;

    /** @var list<PostingTechnician> */
    private array $technicians = [];

    /** @var list<string> of the machines that are walked */
    private array $machines = [];

    private int $acknowledged = 0;

    private int $killAt = 0;

    private bool $isKilled = false;

    public static function setUpBeforeClass(): void
    {
        (new Filesystem)->deleteDirectory(dirname(__DIR__, 2).'/storage/test-apart');
        self::$stack = ApartStack::start(
            dirname(__DIR__, 2).'/storage/test-apart',
            8290,
            23290,
            ['DB_PERSISTENT' => 'true', 'REQUESTS_A_MINUTE' => '1000000', 'WORKERS' => '6'],
        );
    }

    public static function tearDownAfterClass(): void
    {
        self::$stack->stop();
    }

    public function createApplication(): Application
    {
        $app = parent::createApplication();
        $app->make('config')->set([
            'database.connections.mariadb.port' => self::$stack->databasePort,
            'database.connections.mariadb.database' => 'jade_apart',
        ]);

        return $app;
    }

    /** The servers see only what is committed. */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    protected function setUp(): void
    {
        parent::setUp();
        for ($n = 0; $n < self::TECHNICIANS; $n++) {
            $machine = Machine::query()->create([
                'fleet_number' => 'K-'.Str::random(8),
                'model_id' => 'dromvik_14c',
                'serial' => Str::random(12),
                'bay' => 'bay 1',
            ]);
            $hire = $this->hireOf($machine);
            $person = $this->person(Role::Technician);
            $walk = (string) Str::uuid7();
            $tablet = new Tablet(self::$stack->url);
            $tablet->signIn($person->login, 'tern-quay');
            self::assertSame(
                201,
                $tablet
                    ->post("/api/hires/{$hire->id}/walks", [
                        'id' => $walk,
                        'movement' => 'checkout',
                        'recorded_at' => self::now(),
                    ])
                    ->getStatusCode(),
            );
            $this->technicians[] = new PostingTechnician($tablet, $walk);
            $this->machines[] = $machine->id;
        }
    }

    #[
        TestDox(
            'A database that is killed 50 times under load loses no acknowledged entry, '
                .'doubles none, and every chain holds',
        ),
    ]
    public function test_a_database_killed_under_load_loses_and_doubles_nothing(): void
    {
        for ($kill = 0; $kill < 50; $kill++) {
            $this->postUntil(random_int(2, 12), static fn () => self::$stack->killDatabase());
            self::$stack->launchDatabase();
        }
        $this->nothingIsLostOrDoubled();
    }

    #[TestDox('Workers that are killed 50 times under load lose and double nothing')]
    public function test_workers_killed_under_load_lose_and_double_nothing(): void
    {
        for ($kill = 0; $kill < 50; $kill++) {
            $this->postUntil(random_int(2, 12), static fn () => self::$stack->killWorkers());
        }
        $this->nothingIsLostOrDoubled();
    }

    /**
     * All technicians post without a pause; after so many acknowledged batches the blow falls, with the other
     * requests under way.
     */
    private function postUntil(int $acknowledged, \Closure $blow): void
    {
        $this->acknowledged = 0;
        $this->killAt = $acknowledged;
        $this->isKilled = false;
        (new EachPromise($this->posts($blow), [
            'concurrency' => self::TECHNICIANS,
            'rejected' => static fn (\Throwable $fault) => throw $fault,
        ]))
            ->promise()
            ->wait();
        self::assertTrue($this->isKilled);
    }

    /** @return \Generator<PromiseInterface> */
    private function posts(\Closure $blow): \Generator
    {
        $free = $this->technicians;
        while (! $this->isKilled) {
            $technician = array_shift($free);
            self::assertNotNull($technician);
            yield $technician->send()->then(function (bool $isAcknowledged) use ($technician, $blow, &$free): void {
                $free[] = $technician;
                $this->acknowledged += $isAcknowledged ? 1 : 0;
                if (! $this->isKilled && $this->acknowledged >= $this->killAt) {
                    $this->isKilled = true;
                    $blow();
                }
            });
        }
    }

    private function nothingIsLostOrDoubled(): void
    {
        DB::purge();
        self::assertGreaterThan(
            0,
            array_sum(array_column($this->technicians, 'sentAgain')),
            'No blow fell on a request that was under way.',
        );
        // What was under way at the last blow is sent again until it is there, as the tablet does.
        foreach ($this->technicians as $technician) {
            $technician->send()->wait();
        }
        foreach ($this->technicians as $n => $technician) {
            $stored = LedgerEntry::query()
                ->where('machine_id', $this->machines[$n])
                ->where('kind', 'finding.placed')
                ->pluck('id')
                ->all();
            self::assertSame([], array_diff($technician->acknowledged, $stored), 'An acknowledged entry is lost.');
            self::assertSame(
                [],
                array_diff($stored, $technician->acknowledged),
                'An entry is stored that nobody knows of.',
            );
            self::assertSameSize(array_unique($technician->acknowledged), $stored, 'An entry is doubled.');
            $report = $this->app->make(VerifyLedger::class)(Machine::query()->findOrFail($this->machines[$n]));
            self::assertNull($report->firstBroken);
            self::assertSame(
                count($stored),
                DB::table('findings')->where('machine_id', $this->machines[$n])->count(),
                'The projection went another way than the ledger.',
            );
        }
        self::assertSame(
            [],
            array_diff(array_unique(array_merge(...array_column($this->technicians, 'answers'))), [200, 502, 503, 504]),
            'A blow was answered as a fault of ours.',
        );
    }
}
