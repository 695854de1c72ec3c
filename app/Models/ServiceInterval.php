<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\Interval;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;

/**
 * How often a point of a model comes back in this yard, by what its manual says.
 *
 * @property int $id
 * @property string $model_id
 * @property string $point
 * @property int|null $hours
 * @property int $months
 * @property int $hires
 * @property int $days
 * @property string $source
 * @property string $set_by_id
 * @property Carbon $set_at
 * @property-read User $setBy
 */
final class ServiceInterval extends Model
{
    use BelongsToYard;

    protected $table = 'service_intervals';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'model_id', 'point', 'hours', 'months', 'days', 'hires', 'source', 'set_by_id',
        'set_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['set_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function setBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'set_by_id');
    }

    public function interval(): Interval
    {
        return Interval::every(
            $this->hours === null ? null : Quantity::of($this->hours, Unit::Hour),
            $this->months,
            $this->days,
            $this->hires,
        );
    }

    public function authority(): Source
    {
        return new Source(SourceKind::Maker, $this->source);
    }
}
