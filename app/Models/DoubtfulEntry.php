<?php

declare(strict_types=1);

namespace App\Models;

use App\Texts;
use App\Yards\ScopedByMachine;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * An entry that is kept and decides nothing until the lead has looked at it.
 *
 * @property string $id that of the entry
 * @property string $machine_id
 * @property string $walk_id
 * @property string $actor_id
 * @property string $kind
 * @property string|null $stage of a crossing
 * @property list<string> $doubts
 * @property Carbon $recorded_at
 * @property int $sequence
 * @property bool|null $is_taken nothing as long as nobody looked
 * @property-read User $actor
 * @property-read Machine $machine
 */
final class DoubtfulEntry extends Projection
{
    use ScopedByMachine;

    protected $table = 'doubtful_entries';

    public static function keep(LedgerEntry $entry): void
    {
        self::query()->create([
            'id' => $entry->id, 'machine_id' => $entry->machine_id, 'walk_id' => $entry->walk_id,
            'actor_id' => $entry->actor_id, 'kind' => $entry->kind,
            'stage' => $entry->payload()->optionalString('stage'),
            'doubts' => $entry->doubts(), 'recorded_at' => $entry->recorded_at, 'sequence' => $entry->sequence,
        ]);
    }

    /** @return list<string> ids of entries of a walk that wait for the lead */
    public static function waitingIn(string $walkId): array
    {
        return Texts::of(
            DB::table('doubtful_entries')
                ->where('walk_id', $walkId)
                ->whereNull('is_taken')
                ->orderBy('sequence')
                ->pluck('id'),
        );
    }

    /**
     * @param list<string> $waiting ids of entries
     * @return list<string> keys of the lines that they answer
     */
    public static function linesOf(array $waiting): array
    {
        $lines = $waiting === [] ? [] : LedgerEntry::query()->withoutGlobalScopes()->whereIn('id', $waiting)
            ->get()
            ->map(static fn (LedgerEntry $entry): ?string => $entry->payload()->optionalString('line'))
            ->filter()
            ->all();

        return array_values(array_map(strval(...), $lines));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['doubts' => 'array', 'recorded_at' => 'datetime', 'is_taken' => 'boolean'];
    }

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'actor_id');
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }
}
