<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\RebuildProjections;
use Illuminate\Support\Facades\DB;

/**
 * Makes the projections again from the entries, in a transaction that is taken back, and compares them with those that
 * stand.
 */
final readonly class CompareRebuild
{
    public function __construct(private RebuildProjections $rebuild)
    {
    }

    /** @return list<string> what is wrong, in words */
    public function faults(): array
    {
        DB::beginTransaction();
        try {
            $before = self::digests();
            try {
                ($this->rebuild)();
            } catch (\Throwable $fault) {
                return ["The projections cannot be made again from the entries: {$fault->getMessage()}"];
            }
            $after = self::digests();
        } finally {
            DB::rollBack();
        }
        $differ = array_keys(array_diff_assoc($before, $after));

        return array_map(
            static fn (string $table): string => "The table {$table} does not say what the entries say.",
            $differ,
        );
    }

    /** @return array<string, string> by table, whatever the order of its rows */
    private static function digests(): array
    {
        $digests = [];
        foreach (RebuildProjections::TABLES as $table) {
            $rows = [];
            foreach (DB::table($table)->cursor() as $row) {
                $rows[] = hash('sha256', json_encode($row, JSON_THROW_ON_ERROR), true);
            }
            sort($rows, SORT_STRING);
            $digests[$table] = hash('sha256', implode('', $rows));
        }

        return $digests;
    }
}
