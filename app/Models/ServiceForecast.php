<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Support\Carbon;

/**
 * What the service of a machine looks like, worked out beforehand: by it the fleet is looked through, while the
 * machines that are shown are computed anew. Readings, work and hires make it stale.
 *
 * @property string $machine_id
 * @property string $yard_id
 * @property Carbon|null $next_day
 * @property bool $clashes
 * @property int $not_known
 * @property bool $is_stale
 * @property Carbon $made_on
 * @property string $catalogue_version
 */
final class ServiceForecast extends Projection
{
    use BelongsToYard;

    protected $table = 'service_forecasts';

    protected $primaryKey = 'machine_id';

    /** @param  list<string>  $machines ids */
    public static function becomeStale(array $machines): void
    {
        self::query()->withoutGlobalScopes()->whereIn('machine_id', $machines)
            ->where('is_stale', false)->toBase()->update(['is_stale' => true]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['next_day' => 'date', 'clashes' => 'boolean', 'is_stale' => 'boolean', 'made_on' => 'date'];
    }
}
