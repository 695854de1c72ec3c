<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was mended under a tag.
 *
 * @property string $id
 * @property string $tag_id
 * @property string $words
 * @property list<string> $parts
 * @property list<string> $due keys of the lines that it made due again
 * @property string $repaired_by_id
 * @property Carbon $repaired_at
 * @property-read User $repairedBy
 */
final class Repair extends Projection
{
    protected $table = 'repairs';

    /** The last one under a tag: it is what is tested. */
    public static function under(string $tagId): ?self
    {
        return self::query()->with('repairedBy')->where('tag_id', $tagId)->orderByDesc('repaired_at')->first();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parts' => 'array', 'due' => 'array', 'repaired_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function repairedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'repaired_by_id');
    }
}
