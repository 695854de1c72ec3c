<?php

declare(strict_types=1);

namespace App\Models;

use App\Hires\ChargeInYard;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Spread\Charge;

/**
 * Why a line of a spread does not balance, in somebody's words.
 *
 * @property string $id
 * @property string $hire_id
 * @property string $line
 * @property string $words
 * @property string|null $charge a decimal number; none where nothing is charged
 * @property string|null $currency of it, by ISO 4217
 * @property string $actor_id
 * @property Carbon $recorded_at
 * @property-read User $actor
 */
final class SpreadExplanation extends Projection
{
    protected $table = 'spread_explanations';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recorded_at' => 'datetime'];
    }

    public function charged(): ?Charge
    {
        return $this->charge === null || $this->currency === null
            ? null
            : ChargeInYard::of($this->charge, $this->currency);
    }

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'actor_id');
    }
}
