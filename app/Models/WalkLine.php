<?php

declare(strict_types=1);

namespace App\Models;

use App\Ledger\JudgementRecord;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Verdict\Outcome;

/**
 * One line of a walk. It has no key of its own; write it through UpdateWalkLine.
 *
 * @phpstan-import-type WrittenJudgement from JudgementRecord
 *
 * @property string $walk_id
 * @property string $key
 * @property string $check_id
 * @property int $position
 * @property Severity $severity
 * @property Outcome $outcome
 * @property string|null $entry_id
 * @property int $attempts
 * @property int $changed_by sequence number of the entry by which it changed last
 * @property WrittenJudgement|null $judgement
 * @property string|null $value
 * @property string|null $unit
 * @property string|null $answered_by_id
 * @property Carbon|null $answered_at
 * @property string|null $carried_from the entry of the return walk that it rests on
 * @property-read User|null $answeredBy
 */
final class WalkLine extends Projection
{
    protected $table = 'walk_lines';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'severity' => Severity::class,
            'outcome' => Outcome::class,
            'judgement' => 'array',
            'answered_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function answeredBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'answered_by_id');
    }
}
