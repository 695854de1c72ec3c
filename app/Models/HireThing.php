<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/**
 * How many of a thing went along with a hire, and how many were counted back.
 *
 * @property string $id
 * @property string $hire_id
 * @property string $thing
 * @property int $handed
 * @property string $marks
 * @property Carbon $handed_at
 * @property string|null $handed_by_id
 * @property int|null $returned
 * @property Carbon|null $returned_at
 * @property string|null $returned_by_id
 */
final class HireThing extends Projection
{
    protected $table = 'hire_things';

    /** @return Collection<int, self> */
    public static function handedOn(string $hireId): Collection
    {
        return self::query()->where('hire_id', $hireId)->where('handed', '>', 0)->orderBy('thing')->get();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['handed_at' => 'datetime', 'returned_at' => 'datetime'];
    }
}
