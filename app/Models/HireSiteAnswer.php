<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use JadeLedger\Core\Catalogue\SiteAnswer;

/**
 * What was said last of the place of a hire.
 *
 * @property string $id
 * @property string $hire_id
 * @property string $question
 * @property SiteAnswer $answer
 * @property string $entry_id
 * @property Carbon $said_at
 * @property string|null $said_by_id
 */
final class HireSiteAnswer extends Projection
{
    protected $table = 'hire_site_answers';

    /** @return array<string, SiteAnswer> by question */
    public static function of(string $hireId): array
    {
        return self::query()->where('hire_id', $hireId)->get()
            ->mapWithKeys(static fn (self $one): array => [$one->question => $one->answer])->all();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answer' => SiteAnswer::class, 'said_at' => 'datetime'];
    }
}
