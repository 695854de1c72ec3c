<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Models\Machine;
use App\Models\Role;
use Illuminate\Database\QueryException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Support\ApartStack;
use Tests\Support\TwoStacks;
use Tests\Support\YardTestCase;

/** A yard is backed up, lost, and put back into empty servers. */
final class BackupTest extends YardTestCase
{
    use TwoStacks;

    protected static function place(): array
    {
        return ['test-backup', 8291, 23291];
    }

    public function test_what_is_restored_is_the_yard_that_was_backed_up(): void
    {
        $this->as(Role::Technician);
        $photo = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('door.jpg', 640, 480)])
            ->assertCreated()
            ->json('sha256');
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $this->post_($walk, 'finding.placed', [
            'at' => ['x' => 120, 'y' => 300],
            'kind' => 'dent',
            'words' => 'Door, Ø 40 mm',
            'photos' => [$photo],
        ]);
        $was = $this->everything();

        $backup = trim($this->script('ops/backup.sh', [self::$folder.'/backups'], self::$yard)->mustRun()->getOutput());

        $refused = $this->script('ops/restore.sh', [$backup], self::$empty);
        $refused->run();
        self::assertStringContainsString(
            'has tables',
            $refused->getErrorOutput(),
            'nothing is restored over a yard that stands',
        );

        $this->emptyAgain();
        $restored = $this->script('ops/restore.sh', [$backup], self::$empty)->mustRun();
        self::assertStringContainsString('1 chains hold', $restored->getOutput());
        self::assertStringContainsString('1 photos are what they were', $restored->getOutput());

        config(['database.connections.mariadb.port' => self::$empty->databasePort]);
        DB::purge();
        self::assertSame($was, $this->everything());
        self::assertSame(1, Machine::query()->count());
        self::assertFileEquals(
            self::$yard->storage.'/app/private/photos/'.substr($photo, 0, 2)."/{$photo}.jpg",
            self::$empty->storage.'/app/private/photos/'.substr($photo, 0, 2)."/{$photo}.jpg",
        );
        config([
            'database.connections.owner.host' => '127.0.0.1',
            'database.connections.owner.port' => self::$empty->databasePort,
            'database.connections.owner.database' => 'jade_apart',
        ]);
        // The application has no right to it, and whoever owns the tables meets the triggers.
        foreach (['mariadb' => 'UPDATE command denied', 'owner' => 'never changed'] as $connection => $says) {
            try {
                DB::connection($connection)->table('ledger_entries')->update(['kind' => 'other']);
                self::fail("{$connection} changed an entry of the restored yard.");
            } catch (QueryException $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
    }

    public function test_a_backup_that_was_changed_is_not_restored(): void
    {
        $backup = trim(
            $this->script('ops/backup.sh', [self::$folder.'/backups-changed'], self::$yard)
                ->mustRun()
                ->getOutput(),
        );
        file_put_contents("{$backup}/photos.tar", 'x', FILE_APPEND);
        $this->emptyAgain();

        $refused = $this->script('ops/restore.sh', [$backup], self::$empty);

        self::assertNotSame(0, $refused->run());
        self::assertStringContainsString('not what it was', $refused->getErrorOutput());
    }

    /** Whoever changes a backup can renew its sums; what they cannot is sign them. */
    public function test_a_backup_with_sums_that_somebody_else_renewed_is_not_restored(): void
    {
        $backup = trim(
            $this->script('ops/backup.sh', [self::$folder.'/backups-renewed'], self::$yard)->mustRun()->getOutput(),
        );
        file_put_contents("{$backup}/photos.tar", 'x', FILE_APPEND);
        (new Process(['sh', '-c', 'sha256sum -- database.sql.gz photos.tar >SHA256SUMS'], $backup))->mustRun();
        $this->emptyAgain();

        $refused = $this->script('ops/restore.sh', [$backup], self::$empty);
        self::assertNotSame(0, $refused->run());
        self::assertStringContainsString('not signed by this yard', $refused->getErrorOutput());

        $other = trim(
            $this->script('ops/backup.sh', [self::$folder.'/backups-added'], self::$yard)->mustRun()->getOutput(),
        );
        file_put_contents("{$other}/photos.tar.enc", 'x');
        $refused = $this->script('ops/restore.sh', [$other], self::$empty);
        self::assertNotSame(0, $refused->run());
        self::assertStringContainsString('was not in it', $refused->getErrorOutput());
    }

    public function test_an_encrypted_backup_shows_nothing_and_is_restored_with_the_key_alone(): void
    {
        $keys = self::$folder.'/encryption';
        mkdir($keys);
        (new Process(['openssl', 'genrsa', '-out', "{$keys}/private.pem", '3072']))->mustRun();
        (new Process(
            ['openssl', 'rsa', '-in', "{$keys}/private.pem", '-pubout', '-out', "{$keys}/public.pem"],
        ))->mustRun();
        $this->as(Role::Technician);
        $was = $this->everything();
        $backup = trim($this->script('ops/backup.sh', [self::$folder.'/backups-encrypted'], self::$yard, [
            'BACKUP_ENCRYPT_TO' => "{$keys}/public.pem",
        ])->mustRun()->getOutput());
        self::assertFileDoesNotExist("{$backup}/database.sql.gz");
        self::assertNotSame("\x1f\x8b", substr((string) file_get_contents("{$backup}/database.sql.gz.enc"), 0, 2));

        $this->emptyAgain();
        $refused = $this->script('ops/restore.sh', [$backup], self::$empty);
        self::assertNotSame(0, $refused->run());
        self::assertStringContainsString('BACKUP_DECRYPT_WITH', $refused->getErrorOutput());
        $this->script(
            'ops/restore.sh',
            [$backup],
            self::$empty,
            ['BACKUP_DECRYPT_WITH' => "{$keys}/private.pem"],
        )->mustRun();

        config(['database.connections.mariadb.port' => self::$empty->databasePort]);
        DB::purge();
        self::assertSame($was, $this->everything());
    }

    /** The checkpoints lie elsewhere, and say how every chain ended. */
    public function test_a_backup_that_ends_before_a_checkpoint_is_restored_and_said_to_lack_entries(): void
    {
        $this->as(Role::Technician);
        $backup = trim(
            $this->script('ops/backup.sh', [self::$folder.'/backups-older'], self::$yard)->mustRun()->getOutput(),
        );
        $checkpoints = self::$folder.'/checkpoints';
        $this->postJson(
            "/api/machines/{$this->machine->id}/entries",
            ['entries' => [$this->entry('machine.moved', ['bay' => 'bay 9'])]],
        )->assertOk();
        $this->script('artisan', ['ledger:checkpoint'], self::$yard, ['JADE_CHECKPOINTS' => $checkpoints])->mustRun();

        $this->emptyAgain();
        $restored = $this->script('ops/restore.sh', [$backup], self::$empty, ['JADE_CHECKPOINTS' => $checkpoints]);
        self::assertNotSame(0, $restored->run());
        self::assertStringContainsString('not all that was there', $restored->getErrorOutput());
    }

    /** Servers without a database and without pictures, as on a new machine. */
    private function emptyAgain(): void
    {
        self::$empty->emptyDatabase();
        (new Filesystem)->deleteDirectory(self::$empty->storage.'/app/private/photos');
    }

    /** @return array<string, list<string>> every row of every table that a backup holds */
    private function everything(): array
    {
        $rows = [];
        foreach (DB::select('show tables') as $table) {
            $name = (string) array_values((array) $table)[0];
            if (! in_array($name, ['sessions', 'cache', 'cache_locks'], true)) {
                $rows[$name] = array_map(
                    static fn (object $row): string => (string) json_encode($row),
                    DB::table($name)->get()->all(),
                );
                sort($rows[$name]);
            }
        }
        ksort($rows);

        return $rows;
    }

    /**
     * The keys are in no backup: whoever restores brings them along.
     *
     * @param list<string> $arguments
     * @param array<string, string> $more of the environment
     */
    private function script(string $script, array $arguments, ApartStack $stack, array $more = []): Process
    {
        return new Process(
            [base_path($script), ...$arguments],
            base_path(),
            $more + [
                'DB_HOST' => '127.0.0.1',
                'DB_PORT' => (string) $stack->databasePort,
                'DB_DATABASE' => 'jade_apart',
                'LARAVEL_STORAGE_PATH' => $stack->storage,
                'JADE_KEYS' => config('jade.keys_folder'),
                'APP_CONFIG_CACHE' => false,
            ],
            timeout: 120,
        );
    }
}
