<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a lead adds to a step of a briefing: for everybody in this yard, or for one hirer and its sites.
 *
 * @property int $id
 * @property string $step
 * @property string|null $customer_id
 * @property string $words empty where it was taken off
 * @property string $set_by_id
 * @property Carbon $set_at
 */
final class StepNote extends Model
{
    use BelongsToYard;

    protected $table = 'step_notes';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'step', 'customer_id', 'words', 'set_by_id', 'set_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /**
     * What holds for a hirer: the yard's own note, and the hirer's behind it.
     *
     * @return array<string, string> words by step
     */
    public static function for(Customer $hirer): array
    {
        $all = self::query()->orderBy('id')
            ->where(static fn ($of) => $of->whereNull('customer_id')->orWhereIn('customer_id', $hirer->idsOfAll()))
            ->get();
        $words = [];
        foreach ([$all->whereNull('customer_id'), $all->whereNotNull('customer_id')] as $notes) {
            foreach ($notes->reverse()->unique('step') as $note) {
                $words[$note->step] = trim(($words[$note->step] ?? '')." {$note->words}");
            }
        }

        return array_filter($words, static fn (string $said): bool => $said !== '');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['set_at' => 'datetime'];
    }
}
