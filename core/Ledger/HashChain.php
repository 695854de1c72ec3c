<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/**
 * The chain that binds each entry of a machine to the one before it.
 *
 * hash = lowercase hex of SHA-256 (FIPS 180-4) over the UTF-8 bytes of the entry's canonical JSON (RFC 8785), which
 * holds the previous hash. The first entry follows the genesis hash, sixty-four zeros.
 */
final class HashChain
{
    public const GENESIS = '0000000000000000000000000000000000000000000000000000000000000000';

    public static function hash(string $canonicalText): string
    {
        return hash('sha256', $canonicalText);
    }

    /**
     * Walks the chain from its first entry and stops at the first link that does not hold.
     *
     * @param iterable<ChainedEntry> $entries in the order of their sequence numbers
     */
    public static function verify(iterable $entries): ChainReport
    {
        $report = ChainReport::begun();
        foreach ($entries as $entry) {
            $report = self::follow($report, $entry);
            if (! $report->holds()) {
                break;
            }
        }

        return $report;
    }

    /** One link further; a chain that is broken already is followed no further. */
    public static function follow(ChainReport $soFar, ChainedEntry $entry): ChainReport
    {
        if ($soFar->lastHash === null) {
            return $soFar;
        }
        $count = $soFar->entriesRead + 1;
        $broken = self::whatIsWrong($entry, $count, $soFar->lastHash);

        return $broken === null ? ChainReport::whole($count, $entry->hash) : ChainReport::broken($count, new BrokenLink($entry->id, $entry->sequence, $broken));
    }

    private static function whatIsWrong(ChainedEntry $entry, int $expected, string $previous): ?LinkFault
    {
        return match (true) {
            $entry->sequence !== $expected => LinkFault::EntryMissing,
            $entry->previousHash !== $previous => LinkFault::DoesNotFollow,
            self::hash($entry->text) !== $entry->hash, ! $entry->agreesWithItsText() => LinkFault::ContentChanged,
            default => null,
        };
    }
}
