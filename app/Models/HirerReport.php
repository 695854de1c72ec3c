<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A fault that a hirer reported. It decides nothing: it is a question to the yard until somebody settles it.
 *
 * @property string $id of the entry
 * @property string $yard_id
 * @property string $hire_id
 * @property string $machine_id
 * @property string $words
 * @property MachineRuns $runs
 * @property string|null $phone
 * @property string|null $photo
 * @property Carbon $reported_at
 * @property ReportOutcome|null $settled_how
 * @property string|null $settled_words
 * @property string|null $settled_by_id
 * @property Carbon|null $settled_at
 * @property-read Hire $hire
 * @property-read Machine $machine
 * @property-read User|null $settledBy
 */
final class HirerReport extends Projection
{
    use BelongsToYard;

    protected $table = 'hirer_reports';

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

    /** @return BelongsTo<User, $this> */
    public function settledBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'settled_by_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'runs' => MachineRuns::class, 'settled_how' => ReportOutcome::class,
            'reported_at' => 'datetime', 'settled_at' => 'datetime',
        ];
    }
}
