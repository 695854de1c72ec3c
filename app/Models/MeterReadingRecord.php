<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Meter\Meter;

/**
 * An hour meter that was read beside a walk.
 *
 * @property string $id of the entry
 * @property string $machine_id
 * @property Meter $meter
 * @property string $hours as the meter showed them
 * @property Carbon $at
 * @property string $actor_id
 */
final class MeterReadingRecord extends Projection
{
    protected $table = 'meter_readings';

    /** @return Builder<self> */
    public static function of(Meter $meter): Builder
    {
        return self::query()->where('meter', $meter);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'meter' => Meter::class];
    }
}
