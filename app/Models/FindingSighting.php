<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A finding looked at again on a later walk.
 *
 * @property string $id
 * @property string $finding_id
 * @property string $walk_id
 * @property int|null $size_mm
 * @property string $words
 * @property list<string> $photos
 * @property bool $is_struck
 * @property string $actor_id
 * @property Carbon $recorded_at
 */
final class FindingSighting extends Projection
{
    protected $table = 'finding_sightings';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['photos' => 'array', 'is_struck' => 'boolean', 'recorded_at' => 'datetime'];
    }
}
