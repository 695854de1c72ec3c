<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What the ledger says of a machine now.
 *
 * @property string $machine_id
 * @property MachineStanding $standing
 * @property string|null $smr_hours
 * @property Carbon|null $smr_at
 * @property string|null $smr_entry_id
 */
final class MachineStatus extends Projection
{
    protected $table = 'machine_states';

    protected $primaryKey = 'machine_id';

    /** A machine that was never walked has to be able to be held, too. */
    public static function orInYard(string $machineId): self
    {
        return self::query()->firstOrCreate(['machine_id' => $machineId], ['standing' => MachineStanding::InYard]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['standing' => MachineStanding::class, 'smr_at' => 'datetime'];
    }
}
