<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What telematics heard of a machine last. Written anew by each poll, and no part of the record.
 *
 * @property string $machine_id
 * @property Carbon $heard_at
 * @property Carbon|null $said_at when the machine said it
 * @property string|null $fuel_percent
 * @property string|null $exhaust_fluid_percent
 * @property string|null $latitude
 * @property string|null $longitude
 * @property bool|null $is_running
 * @property list<array{identifier: string, words: string|null, level: int}> $faults
 */
final class TelematicsContact extends Projection
{
    protected $table = 'telematics_contacts';

    protected $primaryKey = 'machine_id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['heard_at' => 'datetime', 'said_at' => 'datetime', 'is_running' => 'boolean', 'faults' => 'array'];
    }
}
