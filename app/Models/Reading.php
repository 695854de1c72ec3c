<?php

declare(strict_types=1);

namespace App\Models;

use App\Ledger\JudgementRecord;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Every reading that was posted, those that did not count and those that were struck included.
 *
 * @phpstan-import-type WrittenJudgement from JudgementRecord
 *
 * @property string $id
 * @property string $machine_id
 * @property string $hire_id
 * @property string $walk_id
 * @property Movement $movement
 * @property string $line
 * @property string $value
 * @property string $unit
 * @property string $si_value
 * @property bool $is_valid
 * @property bool $is_struck
 * @property string|null $struck_because
 * @property Carbon|null $struck_at
 * @property array<string, mixed> $payload
 * @property WrittenJudgement $judgement
 * @property string $actor_id
 * @property Carbon $recorded_at
 * @property-read User $actor
 */
final class Reading extends Projection
{
    protected $table = 'readings';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'movement' => Movement::class,
            'is_valid' => 'boolean',
            'is_struck' => 'boolean',
            'struck_at' => 'datetime',
            'payload' => 'array',
            'judgement' => 'array',
            'recorded_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'actor_id');
    }

    /**
     * Readings of the hour meter that are valid and not struck, disputed ones among them.
     *
     * @return Builder<self>
     */
    public static function ofHourMeter(Meter $meter = Meter::Main): Builder
    {
        return self::query()
            ->where('judgement->kind', $meter->answer()->value)
            ->where('is_valid', true)
            ->where('is_struck', false);
    }

    /**
     * Those that count: nobody doubts them.
     *
     * @return Builder<self>
     */
    public static function countedHours(Meter $meter = Meter::Main): Builder
    {
        return self::ofHourMeter($meter)->where('judgement->verdict->is_disputed', false);
    }

    public function quantity(): Quantity
    {
        return Quantity::of($this->value, Unit::named($this->unit));
    }
}
