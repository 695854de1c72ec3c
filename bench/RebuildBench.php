<?php

declare(strict_types=1);

namespace Bench;

use App\Ledger\RebuildProjections;

/** How fast the projections are built again from a large ledger, and in how much memory. */
final class RebuildBench
{
    private const MOST_MEGABYTES = 128;

    /** @return iterable<Figure> */
    public function figures(RebuildProjections $rebuild): iterable
    {
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $began = hrtime(true);
        $entries = $rebuild(static function (int $projected) use (&$count): void {
            $count += $projected;
            $count % 50_000 === 0 && fwrite(STDERR, "    {$count} entries\n");
        });
        $seconds = (hrtime(true) - $began) / 1e9;

        yield Figure::atMost('rebuild_entries', $entries, 'entries', null, null);
        yield Figure::atMost('rebuild_minutes', $seconds / 60, 'min', null, null);
        yield Figure::atMost(
            'rebuild_mb',
            (memory_get_peak_usage() - $before) / 1024 / 1024,
            'MB',
            null,
            self::MOST_MEGABYTES,
        );
    }
}
