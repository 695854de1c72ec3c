<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * How far a hire has come.
 *
 * @property string $hire_id
 * @property HireStatus $standing
 * @property string|null $out_walk_id
 * @property string|null $in_walk_id
 * @property Carbon|null $out_at
 * @property Carbon|null $in_at
 * @property Carbon|null $closed_at
 */
final class HireState extends Projection
{
    protected $table = 'hire_states';

    protected $primaryKey = 'hire_id';

    /** @return BelongsTo<Hire, $this> */
    public function hire(): BelongsTo
    {
        return $this->belongsTo(Hire::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'standing' => HireStatus::class,
            'out_at' => 'datetime',
            'in_at' => 'datetime',
            'closed_at' => 'datetime',
        ];
    }
}
