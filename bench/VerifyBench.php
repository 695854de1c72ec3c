<?php

declare(strict_types=1);

namespace Bench;

use App\Ledger\VerifyLedger;
use App\Models\LedgerEntry;

/**
 * How fast the chains of a yard are walked, and in how much memory.
 *
 * verify_entries_per_s: reading every entry from the database and checking each link. Floor: SHA-256 of the same bytes
 * (the first of them), already in memory, and nothing else; it is the most that any verification could do.
 */
final class VerifyBench
{
    private const SHARE_OF_THE_FLOOR = 1 / 3;

    private const MOST_MEGABYTES = 128;

    private const HASHED = 100_000;

    /** @return iterable<Figure> */
    public function figures(VerifyLedger $verify): iterable
    {
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $began = hrtime(true);
        $entries = 0;
        foreach ($verify->all() as $machine => $report) {
            $report->holds() || throw new \RuntimeException("The chain of {$machine} does not hold.");
            $entries += $report->entriesRead;
        }
        $verified = $entries / ((hrtime(true) - $began) / 1e9);
        $megabytes = (memory_get_peak_usage() - $before) / 1024 / 1024;

        $bodies = LedgerEntry::query()->toBase()->orderBy('position')->limit(self::HASHED)->pluck('body')->all();
        $began = hrtime(true);
        foreach ($bodies as $body) {
            hash('sha256', $body);
        }
        $raw = count($bodies) / ((hrtime(true) - $began) / 1e9);

        yield Figure::atMost('verify_entries', $entries, 'entries', null, null);
        yield Figure::atLeast('verify_entries_per_s', $verified, 'entries/s', $raw, $raw * self::SHARE_OF_THE_FLOOR);
        yield Figure::atMost('verify_mb', $megabytes, 'MB', null, self::MOST_MEGABYTES);
    }
}
