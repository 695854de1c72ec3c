<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a yard took from the plate and the manual of a model. The last one counts.
 *
 * @property int $id
 * @property string $model_id
 * @property array<string, string> $figures each with its unit, by name
 * @property list<array{string, string}>|null $reach metres out and up
 * @property list<array{load: string, where: list<array{string, string}>}>|null $load_zones
 * @property string $source
 * @property string $set_by_id
 * @property Carbon $set_at
 * @property-read User $setBy
 */
final class ModelPlate extends Model
{
    use BelongsToYard;

    protected $table = 'model_plates';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'model_id', 'figures', 'reach', 'load_zones', 'source', 'set_by_id', 'set_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    public static function lastOf(string $modelId): ?self
    {
        return self::query()->with('setBy')->where('model_id', $modelId)->orderByDesc('id')->first();
    }

    /** @return BelongsTo<User, $this> */
    public function setBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'set_by_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array', 'reach' => 'array', 'load_zones' => 'array', 'set_at' => 'datetime'];
    }
}
