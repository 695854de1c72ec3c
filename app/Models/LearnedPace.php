<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How fast the yard walks the machines of a family.
 *
 * @property string $family
 * @property array<string, int> $seconds
 * @property int $walks from which it was learned
 * @property Carbon $learned_at
 */
final class LearnedPace extends Model
{
    use BelongsToYard;

    protected $table = 'learned_paces';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'family';

    protected $keyType = 'string';

    protected $fillable = ['yard_id', 'family', 'seconds', 'walks', 'learned_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, array{seconds: array<string, int>, walks: int}> by family */
    public static function current(): array
    {
        $paces = [];
        foreach (self::query()->orderBy('family')->get() as $pace) {
            $paces[$pace->family] = ['seconds' => $pace->seconds, 'walks' => $pace->walks];
        }

        return $paces;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seconds' => 'array', 'learned_at' => 'datetime'];
    }

    /** A family is learned by each yard for itself: the key is both. */
    protected function setKeysForSaveQuery($query)
    {
        return parent::setKeysForSaveQuery($query)->where('yard_id', $this->yard_id);
    }
}
