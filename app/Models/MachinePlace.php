<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * Where a machine stands since it was moved.
 *
 * @property string $machine_id
 * @property string $bay
 * @property Carbon $since
 * @property string $entry_id
 */
final class MachinePlace extends Projection
{
    protected $table = 'machine_places';

    protected $primaryKey = 'machine_id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['since' => 'datetime'];
    }
}
