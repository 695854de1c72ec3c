<?php

declare(strict_types=1);

namespace Bench;

use App\Ledger\RefreshForecasts;
use Illuminate\Support\Facades\DB;

/** forecast_ms: what one machine's forecast costs, worked out among all others of a large yard. */
final readonly class ForecastBench
{
    /** @return iterable<Figure> */
    public function figures(RefreshForecasts $refresh): iterable
    {
        $began = hrtime(true);
        $refresh(PHP_INT_MAX);
        $milliseconds = (hrtime(true) - $began) / 1e6;
        $machines = max(1, DB::table('service_forecasts')->count());

        yield Figure::atMost('forecast_machines', $machines, '', null, null);
        yield Figure::atMost('forecast_ms', $milliseconds / $machines, 'ms', null, 5);
    }
}
