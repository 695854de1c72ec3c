<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\TableDigest;

/** Digests over what the chains rest on and do not hold: people, machines, qualifications, the audit trail. */
final class DigestTables
{
    /** By table: the column that orders it, and the columns that are covered. */
    private const COVERED = [
        'audit_entries' => ['id', ['id', 'yard_id', 'kind', 'actor_id', 'subject', 'before', 'after', 'address', 'at']],
        'qualifications' => [
            'id',
            ['id', 'user_id', 'qualification', 'valid_until', 'proof', 'recorded_by_id', 'recorded_at'],
        ],
        'users' => ['created_at', ['id', 'yard_id', 'name', 'login', 'role']],
        'machines' => ['created_at', ['id', 'yard_id', 'fleet_number', 'serial', 'model_id']],
    ];

    /** @return array<string, TableDigest> */
    public function all(): array
    {
        $digests = [];
        foreach (self::COVERED as $table => [$order]) {
            $digests[$table] = $this->upTo($table, (string) DB::table($table)->max($order));
        }

        return $digests;
    }

    /** The same rows as they stand now. */
    public function upTo(string $table, string $last): TableDigest
    {
        [$order, $columns] = self::COVERED[$table];
        $hash = hash_init('sha256');
        $rows = 0;
        // By id after the order: several rows may have come in one moment.
        $upToThen = DB::table($table)->where($order, '<=', $last)->orderBy($order)->orderBy('id')->select($columns);
        foreach ($last === '' ? [] : $upToThen->cursor() as $row) {
            hash_update(
                $hash,
                json_encode(
                    array_map(
                        static fn (mixed $one): ?string => is_scalar($one) ? (string) $one : null,
                        array_values((array) $row),
                    ),
                    JSON_THROW_ON_ERROR,
                )."\n",
            );
            $rows++;
        }

        return new TableDigest($rows, $last, hash_final($hash));
    }
}
