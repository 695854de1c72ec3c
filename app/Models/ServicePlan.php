<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Carbon;

/**
 * Service that is planned into a day. Work that was recorded after it was planned ends it: a plan is not deleted for
 * that, it is not read any more.
 *
 * @property int $id
 * @property string $yard_id
 * @property string $machine_id
 * @property string $point
 * @property Carbon $day of the yard's calendar
 * @property string $planned_by_id
 * @property Carbon $planned_at
 * @property-read Machine $machine
 */
final class ServicePlan extends Model
{
    use BelongsToYard;

    protected $table = 'service_plans';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'machine_id', 'point', 'day', 'planned_by_id', 'planned_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    /**
     * Plans that nobody has done yet.
     *
     * @return Builder<self> the earliest day first
     */
    public static function ahead(): Builder
    {
        $plans = self::query()
            ->whereHas('machine', static fn (Builder $machine) => $machine->whereNull('left_at'))
            ->orderBy('day')->orderBy('machine_id')->orderBy('point');
        $plans->whereNotExists(static fn (Rows $done) => $done->selectRaw('1')->from('service_records as r')
            ->whereColumn('r.machine_id', 'service_plans.machine_id')
            ->whereColumn('r.point', 'service_plans.point')
            ->whereColumn('r.done_at', '>=', 'service_plans.planned_at'));

        return $plans;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['day' => 'date:Y-m-d', 'planned_at' => 'datetime'];
    }
}
