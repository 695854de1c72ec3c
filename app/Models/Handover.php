<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What the person who takes the machine was shown, and their signature.
 *
 * @property string $walk_id
 * @property string $hire_id
 * @property list<string> $steps_shown
 * @property array<string, int>|null $answers the last answer by question; 0 is the right one
 * @property string|null $signed_name
 * @property string|null $signature
 * @property Carbon|null $signed_at
 * @property list<array{name: string, signature: list<mixed>, signed_at: string}>|null $others who signed beside
 */
final class Handover extends Projection
{
    protected $table = 'handovers';

    protected $primaryKey = 'walk_id';

    public static function ofEntry(LedgerEntry $entry): self
    {
        return self::query()->firstOrNew(
            ['walk_id' => $entry->walkId()],
            ['hire_id' => $entry->hire_id, 'steps_shown' => []],
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['steps_shown' => 'array', 'answers' => 'array', 'others' => 'array', 'signed_at' => 'datetime'];
    }
}
