<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What a hirer says of a point of the daily list, on one day.
 *
 * @property string $id of the first entry
 * @property string $hire_id
 * @property string $point
 * @property Carbon $day as App\Hires\DayOfDuty counts it
 * @property bool $is_done
 * @property Carbon $said_at
 */
final class HirerTick extends Projection
{
    protected $table = 'hirer_ticks';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['day' => 'date', 'is_done' => 'boolean', 'said_at' => 'datetime'];
    }
}
