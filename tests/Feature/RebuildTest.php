<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProgress;
use App\Ledger\RebuildProjections;
use App\Models\LedgerEntry;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** The projections are built again in chunks; what was broken off goes on, and nobody reads or posts in between. */
final class RebuildTest extends YardTestCase
{
    public function test_what_was_broken_off_goes_on_and_ends_at_the_same(): void
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        $this->walkThrough($walk, '1842.3');
        // More than one chunk.
        self::assertGreaterThan(100, LedgerEntry::query()->count());
        $before = $this->projections();
        $chunks = 0;
        try {
            app()->makeWith(RebuildProjections::class, ['entriesAtOnce' => 50])(
                static function () use (&$chunks): void {
                    ++$chunks === 2 && throw new \RuntimeException('broken off');
                },
            );
            self::fail('It was to be broken off.');
        } catch (\RuntimeException $broken) {
            self::assertSame('broken off', $broken->getMessage());
        }
        self::assertNotEquals($before, $this->projections(), 'half of it is there');

        $rest = app(RebuildProjections::class)();

        self::assertSame(LedgerEntry::query()->count() - 100, $rest);
        self::assertEquals($before, $this->projections());
        self::assertFalse(app(RebuildProgress::class)->isUnderWay());
    }

    public function test_while_it_is_under_way_nothing_is_read_and_nothing_posted(): void
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        $count = LedgerEntry::query()->count();
        app(RebuildProgress::class)->begin();

        $answer = $this->postJson("/api/walks/{$walk->id}/entries", ['entries' => [[]]]);

        $answer->assertStatus(503)->assertHeader('Retry-After', '30')
            ->assertJsonPath('type', '/problems/rebuild-under-way');
        $this->getJson('/api/day')->assertStatus(503);
        $this->getJson('/api/health')->assertOk();
        $this->getJson('/api/ready')->assertStatus(503)->assertJsonPath('parts.projections', false);
        self::assertSame($count, LedgerEntry::query()->count());

        app(RebuildProgress::class)->end();
        $this->getJson('/api/day')->assertOk();
        $this->getJson('/api/ready')->assertOk();
    }

    /** What is not there yet is not "not found": a tablet would take that for an answer and send it no more. */
    public function test_what_is_not_projected_yet_is_no_walk_that_is_missing(): void
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        app(RebuildProgress::class)->begin();
        foreach (RebuildProjections::TABLES as $table) {
            DB::table($table)->delete();
        }

        $this->postJson("/api/walks/{$walk->id}/entries", ['entries' => [[]]])->assertStatus(503);
        $this->getJson("/api/walks/{$walk->id}")->assertStatus(503);
    }

    public function test_what_posts_by_itself_waits_too(): void
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        app(RebuildProgress::class)->begin();

        $this->expectExceptionMessage('built again');
        app(\App\Actions\PostEntries::class)(
            $walk,
            [],
            \App\Ledger\Actor::system(\App\Ledger\SystemPart::Register),
        );
    }

    /** @return array<string, list<string>> by table, whatever the order of its rows */
    private function projections(): array
    {
        $tables = [];
        foreach (RebuildProjections::TABLES as $table) {
            $rows = array_map(
                static fn (\stdClass $row): string => json_encode($row, JSON_THROW_ON_ERROR),
                DB::table($table)->get()->all(),
            );
            sort($rows);
            $tables[$table] = $rows;
        }

        return $tables;
    }
}
