<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Ledger\RefreshForecasts;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Illuminate\Console\Command;

/** Works out the forecasts that nobody has asked for yet, in every yard. */
final class RefreshServiceForecasts extends Command
{
    protected $signature = 'service:forecast';

    protected $description = 'Work out what falls due, where readings, work or hires have changed it';

    public function handle(CurrentYard $current): int
    {
        foreach (Yard::query()->orderBy('created_at')->get() as $yard) {
            $current->stepInto($yard);
            app(RefreshForecasts::class)(PHP_INT_MAX);
        }
        $current->leave();

        return self::SUCCESS;
    }
}
