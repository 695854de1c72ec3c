<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Ledger\RebuildProgress;
use App\Ledger\RebuildProjections;
use Illuminate\Console\Command;

final class LedgerRebuild extends Command
{
    private const TELL_EVERY = 50_000;

    protected $signature = 'ledger:rebuild';

    protected $description = 'Build the projections again from the entries; goes on where it was broken off';

    public function handle(RebuildProjections $rebuild, RebuildProgress $progress): int
    {
        if ($progress->isUnderWay()) {
            $this->line('A rebuild was broken off: it goes on.');
        }
        [$began, $count] = [microtime(true), 0];
        $rebuild(function (int $projected) use (&$count): void {
            if (intdiv($count, self::TELL_EVERY) !== intdiv($count += $projected, self::TELL_EVERY)) {
                $this->line(sprintf('%d entries …', $count));
            }
        });
        $this->line(sprintf(
            '%d entries projected in %.1f s, in %d MB at most.',
            $count,
            microtime(true) - $began,
            intdiv(memory_get_peak_usage(true), 1024 * 1024),
        ));

        return self::SUCCESS;
    }
}
