<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\ScopedByMachine;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody says that a machine has no such part as its model does: a question to the lead, who changes the model or has
 * the line asked again.
 *
 * @property string $id that of the entry
 * @property string $machine_id
 * @property string $walk_id
 * @property string $line
 * @property string $words
 * @property string $actor_id
 * @property Carbon $recorded_at
 * @property int $sequence
 * @property bool|null $is_fitted what the lead found; nothing as long as nobody looked
 * @property-read User $actor
 * @property-read Machine $machine
 */
final class FitQuestion extends Projection
{
    use ScopedByMachine;

    protected $table = 'fit_questions';

    public static function ask(LedgerEntry $entry, string $line, string $words): void
    {
        self::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machine_id,
            'walk_id' => $entry->walk_id,
            'line' => $line,
            'words' => $words,
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
            'sequence' => $entry->sequence,
        ]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recorded_at' => 'datetime', 'is_fitted' => 'boolean'];
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
