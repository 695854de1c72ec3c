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
        return self::follow(ChainReport::begun(), $entries);
    }

    /**
     * Goes on from where a walk along the chain stopped; a chain that is broken already is followed no further.
     *
     * @param iterable<ChainedEntry> $entries those that come next
     */
    public static function follow(ChainReport $soFar, iterable $entries): ChainReport
    {
        $previous = $soFar->lastHash;
        if ($previous === null) {
            return $soFar;
        }
        $count = $soFar->entriesRead;
        foreach ($entries as $entry) {
            $count++;
            $broken = self::whatIsWrong($entry, $count, $previous);
            if ($broken !== null) {
                return ChainReport::broken($count, new BrokenLink($entry->id, $entry->sequence, $broken));
            }
            $previous = $entry->hash;
        }

        return ChainReport::whole($count, $previous);
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
