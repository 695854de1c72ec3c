<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody who walks a walk. It has no key of its own.
 *
 * @property string $walk_id
 * @property string $user_id
 * @property Carbon $joined_at
 * @property-read User $user
 */
final class WalkPerson extends Projection
{
    protected $table = 'walk_people';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['joined_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
