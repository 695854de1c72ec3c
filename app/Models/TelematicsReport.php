<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Telematics\TimedHours;

/**
 * Hours that a machine reported of itself, in all.
 *
 * @property string $id of the entry
 * @property string $machine_id
 * @property Carbon $at
 * @property string $hours
 * @property string $ran_hours since the report before
 * @property bool $ran_in_the_yard with no walk, no move and no hire that would say why
 */
final class TelematicsReport extends Projection
{
    protected $table = 'telematics_reports';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'ran_in_the_yard' => 'boolean'];
    }

    public static function lastOf(string $machineId): ?self
    {
        return self::query()->where('machine_id', $machineId)->orderByDesc('at')->first();
    }

    /**
     * @param list<string> $machines ids
     * @return Collection<string, self> by machine
     */
    public static function lastOfEach(array $machines): Collection
    {
        $last = DB::table('telematics_reports')->whereIn('machine_id', $machines)->groupBy('machine_id')
            ->selectRaw('machine_id, max(at)');

        return self::query()->whereIn(DB::raw('(machine_id, at)'), $last)->get()->keyBy('machine_id');
    }

    public function timed(): TimedHours
    {
        return new TimedHours(Quantity::of($this->hours, Unit::Hour), $this->at->toDateTimeImmutable());
    }
}
