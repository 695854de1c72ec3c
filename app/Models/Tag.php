<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\ScopedByMachine;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A tag on a machine.
 *
 * @property string $id
 * @property int $number
 * @property string $machine_id
 * @property string $hire_id
 * @property string $walk_id
 * @property string|null $reference
 * @property string $reason
 * @property string|null $keys_at where its keys are kept
 * @property-read Machine $machine
 * @property string $hung_by_id
 * @property Carbon $hung_at
 * @property Carbon|null $lifted_at
 * @property-read User $hungBy
 */
final class Tag extends Projection
{
    use ScopedByMachine;

    protected $table = 'tags';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['hung_at' => 'datetime', 'lifted_at' => 'datetime'];
    }

    public static function hangingOn(string $machineId): ?self
    {
        $hanging = DB::table('tags')->where('machine_id', $machineId)->whereNull('lifted_at')->value('id');

        return $hanging === null ? null : self::query()->with('hungBy')->whereKey($hanging)->first();
    }

    /**
     * Tags are numbered through their yard. The yard is held, so that two that are hung at once are not given one
     * number;
     * on another node the unique key does that, and the later one is posted again.
     */
    public static function nextNumberFor(string $machineId): int
    {
        $yard = Machine::query()->withoutGlobalScopes()->whereKey($machineId)->value('yard_id');
        Yard::query()->whereKey($yard)->lockForUpdate()->firstOrFail();

        // Locked, so that it is the last one that was committed, and not what this transaction saw when it began.
        return (int) self::query()->toBase()->where('yard_id', $yard)->sharedLock()->max('number') + 1;
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    /** @return BelongsTo<User, $this> */
    public function hungBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'hung_by_id');
    }
}
