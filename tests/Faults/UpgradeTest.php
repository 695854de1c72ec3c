<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Contract\JsonObject;
use Illuminate\Filesystem\Filesystem;
use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\ApartStack;
use Tests\Support\Tablet;

/**
 * A yard of release 0.6.0, with open walks and with entries that wait on a tablet, comes to this release.
 *
 * The database in tests/data was made by that release from its own demo; the entries are as its page posts them.
 */
final class UpgradeTest extends TestCase
{
    private static ApartStack $yard;

    private static PDO $database;

    private static JsonObject $waiting;

    /** @var list<string> of every entry of the old release, as it stood before the upgrade */
    private static array $entries;

    public static function setUpBeforeClass(): void
    {
        $root = dirname(__DIR__, 2);
        $folder = $root.'/storage/test-upgrade';
        (new Filesystem)->deleteDirectory($folder);
        self::$yard = ApartStack::start($folder, 8297, 23297);
        self::$yard->emptyDatabase();
        self::$database = new PDO(
            'mysql:host=127.0.0.1;port='.self::$yard->databasePort.';dbname=jade_apart',
            'jade_owner',
            (string) getenv('DB_OWNER_PASSWORD'),
        );
        (new Process(
            [
                'sh',
                '-c',
                'xz -dc "$1" | mariadb --no-defaults -h 127.0.0.1 -P "$2" -u jade_owner jade_apart',
                'sh',
                "{$root}/tests/data/yard-0.6.0.sql.xz",
                (string) self::$yard->databasePort,
            ],
            env: ['MYSQL_PWD' => getenv('DB_OWNER_PASSWORD')],
            timeout: 120,
        ))->mustRun();
        self::$waiting = JsonObject::parse((string) file_get_contents("{$root}/tests/data/outbox-0.6.0.json"));
        self::$entries = self::written();
        self::$yard->artisan('migrate --force --database=owner');
        self::$yard->artisan('database:grant');
    }

    public static function tearDownAfterClass(): void
    {
        self::$yard->stop();
    }

    public function test_no_entry_is_rewritten_every_chain_holds_and_the_projections_are_made_again(): void
    {
        self::assertGreaterThan(5000, count(self::$entries));
        self::assertSame(self::$entries, self::written());
        self::$yard->artisan('ledger:verify');
        self::$yard->artisan('ledger:rebuild');
        self::$yard->artisan('ledger:verify');
        self::assertSame(self::$entries, self::written());
    }

    public function test_a_page_of_the_old_release_posts_what_its_tablet_holds(): void
    {
        $tablet = $this->tablet();
        $walk = self::$waiting->string('walk');
        $entries = self::$waiting->list('entries');
        $answer = $tablet->post("/api/walks/{$walk}/entries", ['entries' => $entries]);

        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getBody());
        $results = json_decode((string) $answer->getBody(), true)['results'];
        self::assertSame(
            'already_posted',
            $results[0]['status'],
            'the old release took it, and its tablet was not told',
        );
        self::assertSame(
            array_fill(0, count($entries) - 1, 'posted'),
            array_column(array_slice($results, 1), 'status'),
        );

        // A walk that was opened out of reach is opened with the plan of today. What the old page would ask before its
        // first state is not all that this one asks: it is refused with what to do, and stays on the tablet till then.
        $opening = self::$waiting->object('opening');
        $opened = $tablet->post(
            "/api/hires/{$opening->string('hire')}/walks",
            array_diff_key($opening->toArray(), ['hire' => true]),
        );
        self::assertSame(201, $opened->getStatusCode(), (string) $opened->getBody());
        $refused = $tablet->post(
            "/api/walks/{$opening->string('id')}/entries",
            ['entries' => self::$waiting->list('entries_of_opening')],
        );
        self::assertSame(422, $refused->getStatusCode(), (string) $refused->getBody());
        self::assertSame('/problems/state-first', json_decode((string) $refused->getBody(), true)['type']);
        self::$yard->artisan('ledger:verify');
    }

    public function test_every_page_of_the_old_yard_opens(): void
    {
        $tablet = $this->tablet();
        $day = $tablet->get('/api/day');
        self::assertSame(200, $day->getStatusCode(), (string) $day->getBody());
        $machines = json_decode((string) $tablet->get('/api/machines')->getBody(), true)['machines'];
        self::assertNotSame([], $machines);
        $paths = [];
        foreach ($machines as $machine) {
            array_push($paths, "/api/machines/{$machine['id']}", "/api/machines/{$machine['id']}/entries");
        }
        foreach (self::$database->query(
            'SELECT id, hire_id, movement FROM walks',
        )?->fetchAll(PDO::FETCH_ASSOC) ?: [] as $walk) {
            array_push($paths, "/api/walks/{$walk['id']}", "/api/walks/{$walk['id']}/release");
            $walk['movement'] === 'return' && $paths[] = "/api/hires/{$walk['hire_id']}/spread";
        }
        self::assertGreaterThan(60, count($paths));
        foreach ($paths as $path) {
            $answer = $tablet->get($path);
            self::assertSame(200, $answer->getStatusCode(), "{$path}: {$answer->getBody()}");
        }
    }

    private function tablet(): Tablet
    {
        $tablet = new Tablet(self::$yard->url);
        $tablet->signIn(self::$waiting->string('person'), 'tern-quay');

        return $tablet;
    }

    /** @return list<string> every column that the old release wrote, of every entry that it wrote */
    private static function written(): array
    {
        $columns =
            'position, id, machine_id, sequence, kind, hire_id, walk_id, actor_id, '
                .'corrects, body, previous_hash, hash, recorded_at, received_at';
        $last = isset(self::$entries) ? count(self::$entries) : PHP_INT_MAX;
        $rows = self::$database->query(
            "SELECT {$columns} FROM ledger_entries ORDER BY position LIMIT {$last}",
        )?->fetchAll(PDO::FETCH_ASSOC) ?: [];

        return array_map(static fn (array $row): string => (string) json_encode($row), $rows);
    }
}
