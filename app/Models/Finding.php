<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Severity;

/**
 * Something wrong with a machine, at a place on its plan drawing.
 *
 * @property string $id
 * @property int $number
 * @property string $machine_id
 * @property string|null $hire_id none where it was found beside a walk, as the two below
 * @property string|null $walk_id
 * @property Movement|null $movement
 * @property string $x_cm
 * @property string $y_cm
 * @property string $part
 * @property string $system
 * @property string $kind
 * @property string|null $degree
 * @property int|null $size_mm
 * @property string $words
 * @property list<string> $photos
 * @property string|null $line
 * @property Severity $proposed_severity
 * @property string $proposed_because
 * @property Severity $severity
 * @property string|null $severity_reason
 * @property bool $is_struck
 * @property string|null $actor_id none where the machine reported it itself
 * @property string|null $fault the code that it reported
 * @property Carbon $recorded_at
 * @property Carbon|null $mended_at
 * @property-read User|null $actor
 * @property-read Collection<int, FindingSighting> $sightings
 */
final class Finding extends Projection
{
    protected $table = 'findings';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'movement' => Movement::class,
            'photos' => 'array',
            'proposed_severity' => Severity::class,
            'severity' => Severity::class,
            'is_struck' => 'boolean',
            'recorded_at' => 'datetime', 'mended_at' => 'datetime',
        ];
    }

    /** Findings of a machine are numbered as they come. */
    public static function nextNumber(string $machineId): int
    {
        return (int) self::query()->toBase()->where('machine_id', $machineId)->max('number') + 1;
    }

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'actor_id');
    }

    /** @return HasMany<FindingSighting, $this> */
    public function sightings(): HasMany
    {
        return $this->hasMany(FindingSighting::class)->where('is_struck', false)->orderBy('recorded_at');
    }
}
