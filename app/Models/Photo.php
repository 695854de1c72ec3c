<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property string $sha256
 * @property int $bytes
 * @property int $width
 * @property int $height
 * @property Carbon|null $taken_at
 * @property string|null $uploaded_by_id nobody of the yard, where a hirer sent it
 */
final class Photo extends Model
{
    use BelongsToYard;

    protected $table = 'photos';

    public $incrementing = false;

    protected $primaryKey = 'sha256';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_at' => 'datetime'];
    }
}
