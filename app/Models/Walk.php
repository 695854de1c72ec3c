<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\ScopedByMachine;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Release\Decision;

/**
 * A walk and how far it has come.
 *
 * @property string $id
 * @property string $hire_id
 * @property string $machine_id
 * @property Movement $movement
 * @property string $opened_by_id
 * @property Carbon $opened_at
 * @property string|null $stage
 * @property list<string> $stages_entered
 * @property Decision|null $decision
 * @property list<array{reference: string, words: string}> $conditions
 * @property array{by_entry: string, reference: string|null, released_by: string|null, released_at: string|null}|null $voided the release that was void before the machine left
 * @property string|null $decided_by_id
 * @property Carbon|null $decided_at
 * @property Carbon|null $given_back_at when it was given back with nothing answered
 * @property-read Hire $hire
 * @property-read Machine $machine
 * @property-read User $openedBy
 * @property-read User|null $decidedBy
 * @property-read Collection<int, WalkLine> $lines
 * @property-read WalkPlanRecord $plan
 * @property-read Handover|null $handover
 */
final class Walk extends Projection
{
    use ScopedByMachine;

    protected $table = 'walks';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'movement' => Movement::class,
            'decision' => Decision::class,
            'stages_entered' => 'array',
            'conditions' => 'array',
            'voided' => 'array',
            'opened_at' => 'datetime',
            'decided_at' => 'datetime',
            'given_back_at' => 'datetime',
        ];
    }

    /** @return list<string> references of grounds that the lead covered with a condition */
    public function coveredGrounds(): array
    {
        return array_column($this->conditions, 'reference');
    }

    /** @return BelongsTo<Hire, $this> */
    public function hire(): BelongsTo
    {
        return $this->belongsTo(Hire::class);
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    /**
     * Checkouts of a machine that have not left.
     *
     * @return Builder<self>
     */
    public static function notYetGone(string $machineId): Builder
    {
        return self::query()->where('machine_id', $machineId)->where('movement', Movement::Checkout)
            ->whereHas('hire.state', static fn (Builder $state) => $state->whereIn('standing', [
                HireStatus::WalkingOut, HireStatus::Held, HireStatus::Ready, HireStatus::Stopped,
            ]));
    }

    /** @return BelongsTo<User, $this> */
    public function openedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'opened_by_id');
    }

    /** @return BelongsTo<User, $this> */
    public function decidedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'decided_by_id');
    }

    /** @return HasMany<WalkLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(WalkLine::class)->orderBy('position');
    }

    /** @return HasOne<WalkPlanRecord, $this> */
    public function plan(): HasOne
    {
        return $this->hasOne(WalkPlanRecord::class);
    }

    /** @return HasOne<Handover, $this> */
    public function handover(): HasOne
    {
        return $this->hasOne(Handover::class);
    }
}
