<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Transfer\YardTable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Support\YardTestCase;

/** Nothing that a yard has is forgotten when it is written out, and no secret leaves. */
final class YardTableTest extends YardTestCase
{
    /** They belong to the installation, or to one tablet and one moment. */
    private const STAYS = [
        'calendar_feeds', 'hirer_links',
        'migrations', 'sessions', 'cache', 'cache_locks', 'tablets', 'photo_uploads', 'recovery_codes',
        'rebuild_progress', 'verification_reports', 'telematics_asides', 'telematics_contacts', 'telematics_polls',
    ];

    public function test_every_table_leaves_is_made_again_or_stays(): void
    {
        $known = [
            ...array_map(static fn (YardTable $table): string => $table->value, YardTable::cases()),
            ...RebuildProjections::TABLES,
            ...self::STAYS,
        ];

        self::assertEqualsCanonicalizing(
            Schema::getTableListing(DB::getDatabaseName(), schemaQualified: false),
            $known,
        );
    }

    public function test_no_column_that_sounds_like_a_secret_leaves(): void
    {
        $leaves = [];
        foreach (YardTable::cases() as $table) {
            foreach (array_diff(Schema::getColumnListing($table->value), $table->leftOut()) as $column) {
                if (preg_match('/password|secret|token|totp|^pin|seal|_key$/', $column) === 1) {
                    $leaves[] = "{$table->value}.{$column}";
                }
            }
        }

        self::assertSame([], $leaves);
    }
}
