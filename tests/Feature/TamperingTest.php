<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\StorePhoto;
use App\Actions\TakeCheckpoint;
use App\Keys\CheckpointKey;
use App\Ledger\Verification\CheckpointFiles;
use App\Ledger\Verification\VerificationDepth;
use App\Ledger\Verification\VerifyEverything;
use App\Ledger\VerifyLedger;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use Illuminate\Database\Connection;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use JadeLedger\Core\Ledger\HashChain;
use Tests\Support\YardTestCase;

/**
 * Somebody who owns the database changes it behind the application's back, with every guard of the database taken off.
 *
 * What is written here stays written until the end, for a guard cannot be taken off within a transaction: each
 * tampering is tried on the same yard, and taken back from a copy.
 */
final class TamperingTest extends YardTestCase
{
    private const GUARDED = ['ledger_entries', 'audit_entries', 'walk_plans', 'catalogue_versions', 'qualifications'];

    /** Columns that follow from others and are not written. */
    private const GENERATED = ['chain_id', 'standing_movement'];

    private Connection $owner;

    /** @var array<string, list<array<string, mixed>>> by table */
    private array $copy = [];

    private string $photo = '';

    /** @return list<string> */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('checkpoints');
        Storage::fake('photos');
        $this->owner = DB::connection('owner');
        $this->owner->unprepared('set foreign_key_checks = 0');
        foreach (self::GUARDED as $table) {
            foreach (['update', 'delete'] as $verb) {
                $this->owner->unprepared("drop trigger {$table}_no_{$verb}");
            }
        }
    }

    protected function tearDown(): void
    {
        foreach ($this->tables() as $table) {
            $this->owner->table($table)->delete();
        }
        $this->owner->unprepared('set foreign_key_checks = 1');
        foreach (self::GUARDED as $table) {
            foreach (['UPDATE', 'DELETE'] as $verb) {
                $name = "{$table}_no_".strtolower($verb);
                $this->owner->unprepared(
                    "CREATE TRIGGER {$name} BEFORE {$verb} ON {$table} FOR EACH ROW "
                        ."SIGNAL SQLSTATE '45000' SET MYSQL_ERRNO = 1644, MESSAGE_TEXT = 'never changed'",
                );
            }
        }
        parent::tearDown();
    }

    public function test_every_tampering_is_found_and_named(): void
    {
        $walk = $this->yardWithAHistory();
        self::assertSame([], $this->faults(), 'a yard that nobody touched holds');
        $this->remember();

        foreach ($this->tamperings($walk) as $what => [$tamper, $said]) {
            $tamper();
            $faults = implode("\n", $this->faults());
            self::assertStringContainsString($said, $faults, "{$what} is not found.");
            $this->takeBack();
        }
        self::assertSame([], $this->faults(), 'what was taken back holds again');
    }

    public function test_a_checkpoint_file_that_is_missing_changed_of_another_yard_or_another_key_is_said_so(): void
    {
        $this->yardWithAHistory();
        $this->app->make(TakeCheckpoint::class)();
        $this->app->make(TakeCheckpoint::class)();
        $disk = Storage::disk('checkpoints');
        $first = (string) $disk->get('checkpoint-000001.json');
        $second = (string) $disk->get('checkpoint-000002.json');

        $disk->delete('checkpoint-000001.json');
        self::assertStringContainsString('the one before it is missing', implode("\n", $this->faults()));
        $disk->put('checkpoint-000001.json', $first);

        $disk->put('checkpoint-000002.json', str_replace('entries', 'entrie5', $second));
        self::assertStringContainsString('its signature does not fit', implode("\n", $this->faults()));

        $read = json_decode($second, true);
        $pair = sodium_crypto_sign_keypair();
        $read['signature'] = base64_encode(
            sodium_crypto_sign_detached($read['text'], sodium_crypto_sign_secretkey($pair)),
        );
        $read['public_key'] = base64_encode(sodium_crypto_sign_publickey($pair));
        $disk->put('checkpoint-000002.json', (string) json_encode($read));
        self::assertStringContainsString('signed by another key', implode("\n", $this->faults()));

        $other = str_replace(
            (string) $this->machine->yard_id,
            (string) Str::uuid7(),
            json_decode($second, true)['text'],
        );
        $disk->put(
            'checkpoint-000002.json',
            (string) json_encode([
                'text' => $other,
                'signature' => $this->app->make(CheckpointKey::class)->sign($other),
                'public_key' => $this->app->make(CheckpointKey::class)->publicKey(),
            ]),
        );
        self::assertStringContainsString('of another yard', implode("\n", $this->faults()));

        $this->artisan('ledger:checkpoint')->expectsOutputToContain('No checkpoint was taken')->assertFailed();
        $disk->put('checkpoint-000002.json', $second);
        self::assertSame([], $this->faults());
        $this->travel(3)->days();
        $this->artisan('ledger:verify')->expectsOutputToContain('hours old')->assertSuccessful();
        foreach ($disk->files() as $file) {
            $disk->delete($file);
        }
        $this->artisan('ledger:verify')->expectsOutputToContain('There is no checkpoint')->assertSuccessful();
        self::assertSame([], $this->app->make(CheckpointFiles::class)->read([])->checkpoints);
    }

    public function test_the_failure_of_the_night_stands_on_the_day_of_the_lead_and_in_the_metrics(): void
    {
        $walk = $this->yardWithAHistory();
        $this->owner->table('walks')->where('id', $walk->id)->update(['stage' => 'driving']);
        config(['jade.metrics_token' => 'collector']);

        $this->artisan('ledger:verify --deep --record')->assertFailed();

        $this->as(Role::Technician);
        self::assertNull($this->getJson('/api/day')->json('verification'));
        $this->as(Role::Lead);
        $day = $this->getJson('/api/day')->assertOk();
        $this->assertFits($day, 'Day');
        self::assertStringContainsString('walks', implode(' ', $day->json('verification.faults')));
        self::assertStringContainsString(
            'jade_ledger_verified 0',
            (string) $this->withToken('collector')->get('/api/metrics')->getContent(),
        );
    }

    /** @return iterable<string, array{callable(): mixed, string}> what is done behind the back, and what verify says of it */
    private function tamperings(Walk $walk): iterable
    {
        $machine = $this->machine->id;
        $entries = fn () => $this->owner->table('ledger_entries')->where('machine_id', $machine);
        $last = (int) $entries()->max('sequence');

        yield 'the row of a machine deleted' => [
            fn () => $this->owner->table('machines')->where('id', $machine)->delete(),
            'a machine or a yard that is not there any more',
        ];
        yield 'the tail of a chain cut' => [
            fn () => $entries()->where('sequence', '>', $last - 3)->delete(),
            'its chain ends at entry '.($last - 3),
        ];
        yield 'a chain emptied' => [fn () => $entries()->delete(), "its chain of {$last} entries is gone"];
        yield 'a chain written anew from the middle' => [
            fn () => $this->writeAnew($machine, intdiv($last, 2)),
            'its chain was written anew',
        ];
        $yard = fn () => $this->owner->table('ledger_entries')->where('kind', 'ledger.verified');
        yield 'the chain of the yard emptied' => [
            fn () => $yard()->delete(),
            'Chain '.$yard()->value('yard_id').': its chain of 1 entries is gone',
        ];
        yield 'a part of the application named in place of another' => [
            fn () => $yard()->update(['actor_name' => 'import']),
            'broken at entry 1',
        ];
        yield 'an entry of nobody put under the name of a person' => [
            fn () => $yard()->update([
                'actor_kind' => null, 'actor_name' => null, 'actor_id' => $this->person(Role::Lead)->id,
            ]),
            'broken at entry 1',
        ];
        yield 'an actor changed' => [
            fn () => $entries()->where('sequence', 4)->update(['actor_id' => $this->person(Role::Counter)->id]),
            'broken at entry 4',
        ];
        yield 'somebody named who typed it from paper' => [
            fn () => $entries()->where('sequence', 4)->update(['entered_by' => $this->person(Role::Lead)->id]),
            'broken at entry 4',
        ];
        yield 'a time changed' => [
            fn () => $entries()->where('sequence', 5)->update(['recorded_at' => '2020-01-01 00:00:00.000000']),
            'broken at entry 5',
        ];
        yield 'a time of receipt changed' => [
            fn () => $entries()->where('sequence', 5)->update(['received_at' => '2020-01-01 00:00:00.000000']),
            'broken at entry 5',
        ];
        yield 'a kind changed' => [
            fn () => $entries()->where('sequence', 6)->update(['kind' => 'tag.lifted']),
            'broken at entry 6',
        ];
        yield 'a walk changed' => [
            fn () => $entries()->where('sequence', 6)->update(['walk_id' => (string) Str::uuid7()]),
            'broken at entry 6',
        ];
        yield 'a text changed' => [
            fn () => $entries()->where('sequence', 7)->update([
                'body' => str_replace('stands', 'amiss5', (string) $entries()->where('sequence', 7)->value('body')),
            ]),
            'broken at entry 7',
        ];
        yield 'a catalogue version changed' => [
            fn () => $this->owner->table('catalogue_versions')->update(['body' => '{}']),
            'not what walks were planned with',
        ];
        yield 'a plan changed' => [
            fn () => $this->owner->table('walk_plans')->where('walk_id', $walk->id)->update(['body' => '{}']),
            'not the one that it was opened with',
        ];
        yield 'a projection changed' => [
            fn () => $this->owner->table('walk_lines')
                ->where('walk_id', $walk->id)
                ->where('outcome', 'stands')
                ->limit(1)
                ->update(['outcome' => 'open']),
            'The table walk_lines does not say',
        ];
        yield 'a qualification changed' => [
            fn () => $this->owner->table('qualifications')->limit(1)->update(['valid_until' => '2099-01-01']),
            'The table qualifications was changed',
        ];
        yield 'a name changed' => [
            fn () => $this->owner->table('users')->limit(1)->update(['name' => 'Somebody Else']),
            'The table users was changed',
        ];
        yield 'an audit line taken out' => [
            fn () => $this->owner->table('audit_entries')->orderBy('id')->limit(1)->delete(),
            'The audit trail of yard',
        ];
        yield 'an audit line changed' => [
            fn () => $this->owner->table('audit_entries')->limit(1)->update(['subject' => 'nothing']),
            'The audit trail of yard',
        ];
        yield 'the row of a photo removed' => [fn () => $this->owner->table('photos')->delete(), 'that entry'];
        yield 'the file of a photo removed' => [fn () => Storage::disk('photos')->delete($this->path()), 'is missing'];
        yield 'a photo changed' => [
            fn () => Storage::disk('photos')->put($this->path(), 'another picture'),
            'not the one that was taken',
        ];
        yield 'a thumbnail changed' => [
            fn () => Storage::disk('photos')->put($this->path('small-'), 'another picture'),
            'not the one that was made',
        ];
        yield 'a well-formed entry forged under the name of another' => [
            fn () => $this->forge($machine),
            'was not written by the application',
        ];
        yield 'the same, with a seal that was copied' => [
            fn () => $this->forge($machine, (string) $entries()->where('sequence', 3)->value('seal')),
            'was not written by the application',
        ];
    }

    private function yardWithAHistory(): Walk
    {
        $this->as(Role::Lead);
        $this->postJson(
            '/api/people',
            [
                'name' => 'Bram Ketel',
                'initials' => 'BK',
                'login' => 'bram',
                'password' => 'ebb, slack and spring',
                'role' => 'technician',
            ],
        )->assertCreated();
        $bram = (string) User::query()->where('login', 'bram')->value('id');
        $this->putJson(
            "/api/people/{$bram}/qualifications/earthmoving",
            ['valid_until' => '2031-01-01', 'proof' => 'card 1'],
        )->assertSuccessful();
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        foreach (['hkp-area', 'doc-decals'] as $line) {
            $this->send($walk, $this->entry('check.answered', ['line' => $line, 'answer' => 'stands']));
        }
        $this->photo = (string) $this->post(
            '/api/photos',
            ['photo' => UploadedFile::fake()->image('dent.jpg', 640, 480)],
        )
            ->assertSuccessful()
            ->json('sha256');
        $this->post_(
            $walk,
            'finding.placed',
            [
                'at' => ['x' => 100, 'y' => 0],
                'kind' => 'scrape',
                'size_mm' => 40,
                'words' => 'paint',
                'photos' => [$this->photo],
            ],
        );
        $this->walkLines($walk, ['cab-glass', 'hkp-keys', 'doc-control-labels', 'saf-handrails']);
        $this->artisan('ledger:verify --record')->assertSuccessful();
        $this->app->make(TakeCheckpoint::class)();

        return $walk->refresh();
    }

    /** @return list<string> */
    private function faults(): array
    {
        $this->app->forgetInstance(VerifyEverything::class);

        return $this->app->make(VerifyEverything::class)(VerificationDepth::Deep)->faults;
    }

    private function path(string $prefix = ''): string
    {
        return StorePhoto::path($this->photo, $prefix);
    }

    /** Somebody who knows how the chain is made: every hash behind the change is made anew. */
    private function writeAnew(string $machine, int $from): void
    {
        $previous = (string) $this->owner->table('ledger_entries')
            ->where('machine_id', $machine)
            ->where('sequence', $from - 1)
            ->value('hash');
        foreach (
            $this->owner
                ->table('ledger_entries')
                ->where('machine_id', $machine)
                ->where('sequence', '>=', $from)
                ->orderBy('sequence')
                ->get() as $row
        ) {
            $text = str_replace(
                ["\"previous_hash\":\"{$row->previous_hash}\"", '"words":"paint"'],
                ["\"previous_hash\":\"{$previous}\"", '"words":"nothing"'],
                $row->body,
            );
            $this->owner->table('ledger_entries')
                ->where('id', $row->id)
                ->update(['body' => $text, 'previous_hash' => $previous, 'hash' => $previous = HashChain::hash($text)]);
        }
    }

    private function forge(string $machine, ?string $seal = null): void
    {
        $last = $this->owner->table('ledger_entries')->where('machine_id', $machine)->orderByDesc('sequence')->first();
        self::assertNotNull($last);
        [$id, $sequence] = [(string) Str::uuid7(), $last->sequence + 1];
        $text = str_replace(
            [
                "\"id\":\"{$last->id}\"",
                "\"previous_hash\":\"{$last->previous_hash}\"",
                "\"sequence\":{$last->sequence}",
            ],
            ["\"id\":\"{$id}\"", "\"previous_hash\":\"{$last->hash}\"", "\"sequence\":{$sequence}"],
            $last->body,
        );
        $this->owner->table('ledger_entries')->insert(
            [
                'id' => $id,
                'sequence' => $sequence,
                'body' => $text,
                'previous_hash' => $last->hash,
                'hash' => HashChain::hash($text),
                'seal' => $seal,
            ] + array_diff_key((array) $last, ['position' => 0, 'chain_id' => 0]),
        );
        self::assertNull(
            $this->app->make(VerifyLedger::class)($this->machine)->firstBroken,
            'by the chain alone it is not told from a true one',
        );
    }

    private function remember(): void
    {
        foreach ($this->tables() as $table) {
            $this->copy[$table] = $this->owner->table($table)
                ->get()
                ->map(static fn (object $row): array => array_diff_key((array) $row, array_flip(self::GENERATED)))
                ->all();
        }
        foreach (['', 'small-'] as $prefix) {
            $this->copy["file {$prefix}"] = [['text' => (string) Storage::disk('photos')->get($this->path($prefix))]];
        }
    }

    private function takeBack(): void
    {
        foreach ($this->tables() as $table) {
            $this->owner->table($table)->delete();
            foreach (array_chunk($this->copy[$table], 200) as $rows) {
                $this->owner->table($table)->insert($rows);
            }
        }
        foreach (['', 'small-'] as $prefix) {
            Storage::disk('photos')->put($this->path($prefix), $this->copy["file {$prefix}"][0]['text']);
        }
    }

    /** @return list<string> */
    private function tables(): array
    {
        return array_values(
            array_diff(
                $this->owner->getSchemaBuilder()->getTableListing($this->owner->getDatabaseName(), false),
                ['migrations'],
            ),
        );
    }
}
