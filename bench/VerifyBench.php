<?php

declare(strict_types=1);

namespace Bench;

use App\Ledger\VerifyLedger;
use App\Models\LedgerEntry;

/**
 * How fast the chains of a yard are walked.
 *
 * verify_entries_per_s: reading every entry from the database and checking each link. Floor: SHA-256 of the same bytes,
 * already in memory, and nothing else; it is the most that any verification could do.
 */
final class VerifyBench
{
    private const SHARE_OF_THE_FLOOR = 1 / 3;

    /** @return iterable<Figure> */
    public function figures(VerifyLedger $verify): iterable
    {
        $began = hrtime(true);
        $entries = 0;
        foreach ($verify->all() as $machine => $report) {
            $report->holds() || throw new \RuntimeException("The chain of {$machine} does not hold.");
            $entries += $report->entriesRead;
        }
        $verified = $entries / ((hrtime(true) - $began) / 1e9);

        $bodies = LedgerEntry::query()->toBase()->pluck('body')->all();
        $began = hrtime(true);
        foreach ($bodies as $body) {
            hash('sha256', $body);
        }
        $raw = count($bodies) / ((hrtime(true) - $began) / 1e9);

        yield Figure::atMost('verify_entries', $entries, 'entries', null, null);
        yield Figure::atLeast('verify_entries_per_s', $verified, 'entries/s', $raw, $raw * self::SHARE_OF_THE_FLOOR);
    }
}
