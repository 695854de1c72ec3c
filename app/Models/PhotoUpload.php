<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture that comes in pieces, so that one that was cut off goes on where it stopped.
 *
 * @property string $id
 * @property string $yard_id
 * @property string $user_id
 * @property int $bytes in all
 * @property int $received so far
 * @property int $pieces in how many pieces that came
 * @property string|null $photo_sha256 of what was kept, once it is whole
 * @property Carbon $created_at
 */
final class PhotoUpload extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'photo_uploads';

    protected $fillable = ['yard_id', 'user_id', 'bytes', 'received', 'pieces', 'photo_sha256'];

    protected $dateFormat = 'Y-m-d H:i:s.u';
}
