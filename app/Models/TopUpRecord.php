<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What somebody measured and filled in.
 *
 * @property string $id of the entry
 * @property string $machine_id
 * @property string $line
 * @property string $fluid
 * @property string $litres
 * @property Carbon $at
 */
final class TopUpRecord extends Projection
{
    protected $table = 'top_ups';

    protected $primaryKey = 'id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
