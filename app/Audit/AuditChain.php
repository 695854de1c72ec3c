<?php

declare(strict_types=1);

namespace App\Audit;

/** Binds each line of the audit trail of a yard to the one before it: SHA-256 over its columns and the hash before. */
final class AuditChain
{
    public const GENESIS = '0000000000000000000000000000000000000000000000000000000000000000';

    private const COVERED = ['yard_id', 'kind', 'actor_id', 'subject', 'before', 'after', 'address', 'at'];

    /** @param  array<string, string|int|null>  $row as the database holds it */
    public static function hash(array $row, string $previous): string
    {
        $covered = array_map(
            static fn (string $column): ?string => ($row[$column] ?? null) === null ? null : (string) $row[$column],
            self::COVERED,
        );

        return hash('sha256', $previous.json_encode($covered, JSON_THROW_ON_ERROR));
    }
}
