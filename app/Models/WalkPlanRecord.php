<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * The plan of a walk as it was sent to the tablet, with the catalogue it was made from. Never changed.
 *
 * @property string $walk_id
 * @property string $catalogue_version
 * @property string $sha256
 * @property array<string, mixed> $body
 * @property Carbon $created_at
 */
final class WalkPlanRecord extends Projection
{
    protected $table = 'walk_plans';

    protected $primaryKey = 'walk_id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'created_at' => 'datetime'];
    }
}
