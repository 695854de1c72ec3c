<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Why a line of a spread does not balance, in somebody's words.
 *
 * @property string $id
 * @property string $hire_id
 * @property string $line
 * @property string $words
 * @property string $actor_id
 * @property Carbon $recorded_at
 * @property-read User $actor
 */
final class SpreadExplanation extends Projection
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recorded_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'actor_id');
    }
}
