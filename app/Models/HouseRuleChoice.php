<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What the yard decided on a house rule, when, by whom and why.
 *
 * @property int $id
 * @property string $rule
 * @property string $value
 * @property string $reason
 * @property string $chosen_by_id
 * @property Carbon $chosen_at
 * @property-read User $chosenBy
 */
final class HouseRuleChoice extends Model
{
    use BelongsToYard;

    protected $table = 'house_rule_choices';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'rule', 'value', 'reason', 'chosen_by_id', 'chosen_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['chosen_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function chosenBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'chosen_by_id');
    }
}
