<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A model that the yard wrote down itself, as it was kept once; a correction is another row.
 *
 * @property int $id
 * @property string $model_id
 * @property array<string, mixed> $body as a file of catalogue/models would hold it
 * @property string $kept_by_id
 * @property Carbon $kept_at
 * @property-read User $keptBy
 */
final class YardModel extends Model
{
    use BelongsToYard;

    protected $table = 'yard_models';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'model_id', 'body', 'kept_by_id', 'kept_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, array<string, mixed>> the last body of each model */
    public static function bodies(): array
    {
        $bodies = [];
        foreach (self::query()->orderBy('id')->get(['model_id', 'body']) as $model) {
            $bodies[$model->model_id] = $model->body;
        }

        return $bodies;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'kept_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function keptBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'kept_by_id');
    }
}
