<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The limits of a sheet that were set last for a hire.
 *
 * @property string $id of the entry
 * @property string $hire_id
 * @property string $sheet
 * @property string $title
 * @property string $machine_id on which machine they were computed; after a swap they hold no more
 * @property array<string, array{value: string, unit: string|null}> $inputs
 * @property array<string, mixed> $result as App\Limits\SheetRecord writes it
 * @property Carbon $set_at
 * @property string|null $set_by_id
 * @property-read User|null $setBy
 */
final class HireLimit extends Projection
{
    protected $table = 'hire_limits';

    /**
     * What was set for a hire and still holds: after a swap of the machine it does not.
     *
     * @return Collection<int, self> in the order in which they were set
     */
    public static function heldFor(string $hireId, string $machineId): Collection
    {
        return self::query()->with('setBy')
            ->where('hire_id', $hireId)->where('machine_id', $machineId)->orderBy('set_at')->get();
    }

    /** @return BelongsTo<User, $this> */
    public function setBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'set_by_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['inputs' => 'array', 'result' => 'array', 'set_at' => 'datetime'];
    }
}
