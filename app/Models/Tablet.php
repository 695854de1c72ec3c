<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A tablet that the yard shares, on which people sign in with a PIN.
 *
 * @property string $id
 * @property string $yard_id
 * @property string $name
 * @property string $secret_sha256 of what the tablet keeps in a cookie
 * @property string $enrolled_by_id
 * @property Carbon $enrolled_at
 * @property Carbon|null $revoked_at
 * @property-read User $enrolledBy
 * @property-read Yard $yard
 */
final class Tablet extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'tablets';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'name', 'secret_sha256', 'enrolled_by_id', 'enrolled_at', 'revoked_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['enrolled_at' => 'datetime', 'revoked_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function enrolledBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'enrolled_by_id');
    }
}
