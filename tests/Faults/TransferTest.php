<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Models\Role;
use App\Models\User;
use App\Transfer\YardTable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Support\ApartStack;
use Tests\Support\TwoStacks;
use Tests\Support\YardTestCase;

/** A yard is written out as files and read into another installation, which has other keys. */
final class TransferTest extends YardTestCase
{
    use TwoStacks;

    protected static function place(): array
    {
        return ['test-transfer', 8288, 23288];
    }

    public function test_what_was_changed_on_the_way_is_not_taken(): void
    {
        // Each test of this class leaves a yard of the usual name behind.
        DB::table('yards')->where('id', $this->machine->yard_id)->update(['name' => 'Heron Reach']);
        $this->as(Role::Technician);
        $this->openWalk();
        $out = self::$folder.'/changed';
        $this->artisanOf(self::$yard, ['yard:export', $out, '--yard=Heron Reach'])->mustRun();

        file_put_contents("{$out}/tables/machines.jsonl", "{}\n", FILE_APPEND);
        self::assertStringContainsString('machines.jsonl is not what was written', $this->refusal($out));
        // Whoever renews the sums still cannot make the chains hold.
        $entries = (string) file_get_contents("{$out}/tables/ledger_entries.jsonl");
        $machines = explode("\n", (string) file_get_contents("{$out}/tables/machines.jsonl"));
        file_put_contents("{$out}/tables/machines.jsonl", implode("\n", array_slice($machines, 0, -2))."\n");
        file_put_contents(
            "{$out}/tables/ledger_entries.jsonl",
            str_replace('walk.opened', 'walk.closed', $entries, $replaced),
        );
        self::assertGreaterThan(0, $replaced);
        $renew = 'find . -type f ! -name SHA256SUMS -printf "%P\n" | xargs sha256sum >SHA256SUMS';
        (new Process(['sh', '-c', $renew], $out))->mustRun();
        self::assertStringContainsString('Nothing was taken', $this->refusal($out));

        config(['database.connections.mariadb.port' => self::$empty->databasePort]);
        DB::purge();
        self::assertSame(0, DB::table('yards')->count() + DB::table('ledger_entries')->count());
    }

    public function test_what_is_read_in_is_the_yard_that_was_written_out(): void
    {
        $person = $this->as(Role::Technician);
        $photo = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('door.jpg', 640, 480)])
            ->assertCreated()->json('sha256');
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $this->post_($walk, 'finding.placed', [
            'at' => ['x' => 120, 'y' => 300], 'kind' => 'dent', 'words' => 'Door, Ø 40 mm', 'photos' => [$photo],
        ]);
        $was = $this->rows();
        self::assertNotSame([], $was['walk_plans']);

        $this->artisanOf(self::$yard, ['yard:export', self::$folder.'/out', '--yard=Tern Quay Hire'])->mustRun();
        $written = $this->allText(self::$folder.'/out');
        foreach (['password', 'pin"', 'seal', 'totp'] as $secret) {
            self::assertStringNotContainsString("\"{$secret}", $written);
        }
        self::assertStringContainsString('Door, Ø 40 mm', $written);
        // Whoever gets the folder checks it with a tool that every system has.
        (new Process(['sha256sum', '--check', '--strict', 'SHA256SUMS'], self::$folder.'/out'))->mustRun();

        $read = $this->artisanOf(self::$empty, ['yard:import', self::$folder.'/out'])->mustRun();
        self::assertStringContainsString('chains hold', $read->getOutput());
        $verified = $this->artisanOf(self::$empty, ['ledger:verify', '--deep'])->mustRun();
        self::assertStringContainsString('chains hold', $verified->getOutput());
        self::assertStringContainsString(
            '1 photos are what they were',
            $this->artisanOf(self::$empty, ['photos:verify'])->mustRun()->getOutput(),
        );

        config(['database.connections.mariadb.port' => self::$empty->databasePort]);
        DB::purge();
        self::assertSame($was, $this->rows());
        self::assertSame(
            1,
            DB::table('findings')->where('words', 'Door, Ø 40 mm')->count(),
            'what follows is made again',
        );
        self::assertFalse(
            password_verify('tern-quay', User::query()->withoutGlobalScopes()->findOrFail($person->id)->password),
        );

        $again = $this->artisanOf(self::$empty, ['yard:import', self::$folder.'/out']);
        self::assertNotSame(0, $again->run());
        self::assertStringContainsString('There is a yard here already', $again->getOutput());
    }

    private function refusal(string $folder): string
    {
        $read = $this->artisanOf(self::$empty, ['yard:import', $folder]);
        self::assertNotSame(0, $read->run());

        return (string) preg_replace('/\s+/', ' ', $read->getOutput());
    }

    /** @return array<string, list<string>> what leaves, by table, but for what stays behind */
    private function rows(): array
    {
        $rows = [];
        foreach (YardTable::cases() as $table) {
            $rows[$table->value] = [];
            foreach ($table->rowsOf($this->machine->yard_id)->get() as $row) {
                $rows[$table->value][] = (string) json_encode(
                    array_diff_key((array) $row, array_flip($table->leftOut())),
                );
            }
        }

        return $rows;
    }

    private function allText(string $folder): string
    {
        return implode('', array_map(file_get_contents(...), glob("{$folder}/tables/*.jsonl") ?: []));
    }

    /**
     * Each installation has keys of its own.
     *
     * @param list<string> $arguments
     */
    private function artisanOf(ApartStack $stack, array $arguments): Process
    {
        return new Process([base_path('artisan'), ...$arguments], base_path(), [
            'DB_HOST' => '127.0.0.1',
            'DB_PORT' => (string) $stack->databasePort,
            'DB_DATABASE' => 'jade_apart',
            'LARAVEL_STORAGE_PATH' => $stack->storage,
            'JADE_KEYS' => $stack === self::$yard ? config('jade.keys_folder') : $stack->storage.'/keys',
            'APP_CONFIG_CACHE' => false,
        ], timeout: 120);
    }
}
