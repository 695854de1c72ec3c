<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * An hour meter that was read beside a walk.
 *
 * @property string $id of the entry
 * @property string $machine_id
 * @property string $hours as the meter showed them
 * @property Carbon $at
 * @property string $actor_id
 */
final class MeterReadingRecord extends Projection
{
    protected $table = 'meter_readings';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
