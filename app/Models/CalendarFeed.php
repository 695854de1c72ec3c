<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An address under which a calendar reads the hires or the service of the yard, without anybody signing in.
 *
 * @property string $id
 * @property string $name
 * @property string $digest SHA-256 of the token in the address
 * @property CalendarShows $shows
 * @property string $made_by_id
 * @property Carbon $made_at
 * @property Carbon|null $read_at
 * @property Carbon|null $revoked_at
 * @property-read User $madeBy
 */
final class CalendarFeed extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'calendar_feeds';

    public $timestamps = false;

    protected $fillable = ['yard_id', 'name', 'shows', 'digest', 'made_by_id', 'made_at', 'read_at', 'revoked_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** Whatever yard it is of: who holds the token is in no yard yet. */
    public static function ofToken(string $token): ?self
    {
        return self::query()->withoutGlobalScope('yard')->where('digest', self::digestOf($token))
            ->whereNull('revoked_at')->first();
    }

    public static function digestOf(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<User, $this> */
    public function madeBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'shows' => CalendarShows::class,
            'made_at' => 'datetime',
            'read_at' => 'datetime',
            'revoked_at' => 'datetime',
        ];
    }
}
