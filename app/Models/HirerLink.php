<?php

declare(strict_types=1);

namespace App\Models;

use App\Keys\LinkKey;
use App\Yards\BelongsToYard;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The link with which a hirer reads the page of a hire, ticks its daily list and reports a fault, without an account.
 *
 * @property string $id
 * @property string $yard_id
 * @property string $hire_id
 * @property string $digest SHA-256 of the token
 * @property string $made_by_id
 * @property Carbon $made_at
 * @property Carbon|null $opened_at when it was read first
 * @property Carbon|null $revoked_at
 * @property-read Hire $hire
 */
final class HirerLink extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'hirer_links';

    /** Days after the end of the hire for which the page still says that it is over. Our own choice. */
    private const DAYS_AFTER = 30;

    public $timestamps = false;

    protected $fillable = ['id', 'yard_id', 'hire_id', 'digest', 'made_by_id', 'made_at', 'opened_at', 'revoked_at'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** Whatever yard it is of: who holds the token is in no yard yet. */
    public static function ofToken(string $token): ?self
    {
        return self::query()->withoutGlobalScope('yard')->where('digest', LinkKey::digestOf($token))
            ->whereNull('revoked_at')->first();
    }

    /** The one that may be given out for a hire. */
    public static function heldFor(Hire $hire): ?self
    {
        return self::query()->where('hire_id', $hire->id)->whereNull('revoked_at')->latest('made_at')->first();
    }

    public function expiresAt(): CarbonInterface
    {
        return $this->hire->comes_back_at->toImmutable()->addDays(self::DAYS_AFTER);
    }

    /** What follows # stays in the browser and reaches no log of a server. */
    public function address(LinkKey $key): string
    {
        return url('/h').'/#'.$key->tokenOf($this->id);
    }

    /** @return BelongsTo<Hire, $this> */
    public function hire(): BelongsTo
    {
        return $this->belongsTo(Hire::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'datetime', 'opened_at' => 'datetime', 'revoked_at' => 'datetime'];
    }
}
