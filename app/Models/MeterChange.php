<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use JadeLedger\Core\Meter\Meter;

/**
 * An hour meter that gave way to another one.
 *
 * @property string $id of the entry
 * @property string $machine_id
 * @property Meter $meter
 * @property string $counted_to hours
 * @property string $began hours
 * @property string $offset_hours hours that are added to what is read after it, and to nothing before
 * @property Carbon $since the old one was read last then: the new one was put on later
 * @property Carbon $at when it was told
 */
final class MeterChange extends Projection
{
    protected $table = 'meter_changes';

    protected $primaryKey = 'id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'since' => 'datetime', 'meter' => Meter::class];
    }
}
