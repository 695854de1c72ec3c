<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Telematics\WhyNotPlaced;

/**
 * A report that was put aside: nobody knows the machine, or what it says cannot be.
 *
 * @property string $id
 * @property string|null $machine_id
 * @property string $names as the provider names it
 * @property WhyNotPlaced $why
 * @property string $said
 * @property Carbon $first_at
 * @property Carbon $last_at
 * @property int $times
 * @property string $same
 * @property-read Machine|null $machine
 */
final class TelematicsAside extends Projection
{
    protected $table = 'telematics_asides';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['why' => WhyNotPlaced::class, 'first_at' => 'datetime', 'last_at' => 'datetime'];
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }
}
