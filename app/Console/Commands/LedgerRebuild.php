<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Ledger\RebuildProjections;
use Illuminate\Console\Command;

final class LedgerRebuild extends Command
{
    protected $signature = 'ledger:rebuild';

    protected $description = 'Empty the projections and build them again from the entries';

    public function handle(RebuildProjections $rebuild): int
    {
        $began = microtime(true);
        $count = $rebuild();
        $this->line(sprintf('%d entries projected in %.1f s.', $count, microtime(true) - $began));

        return self::SUCCESS;
    }
}
