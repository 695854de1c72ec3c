<?php

declare(strict_types=1);

namespace App\Models;

use App\Texts;
use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * @property string $id
 * @property int $folio
 * @property string $machine_id
 * @property string $customer_id
 * @property Carbon $goes_out_at
 * @property Carbon $comes_back_at
 * @property string|null $out_assignee_id
 * @property string|null $in_assignee_id
 * @property string|null $contact who takes it over
 * @property string|null $contact_phone
 * @property string|null $site
 * @property Carbon|null $out_of_reach_at when it was promised on a tablet that had no network
 * @property Carbon|null $cancelled_at
 * @property string|null $cancelled_why
 * @property string|null $in_place_of_id the hire whose machine this one took the place of while it was out
 * @property-read Hire|null $inPlaceOf
 * @property-read Hire|null $replacement
 * @property-read Machine $machine
 * @property-read Customer $customer
 * @property-read HireState|null $state
 * @property-read User|null $outAssignee
 * @property-read User|null $inAssignee
 * @property-read Collection<int, Walk> $walks
 */
final class Hire extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'hires';

    protected $fillable = [
        'yard_id',
        'folio',
        'machine_id',
        'customer_id',
        'goes_out_at',
        'comes_back_at',
        'out_assignee_id',
        'in_assignee_id',
        'contact',
        'contact_phone',
        'site',
        'cancelled_at',
        'cancelled_why',
        'in_place_of_id',
        'out_of_reach_at',
    ];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected static function booted(): void
    {
        // What falls due on a hire is another thing where its days or its machine are others.
        self::saved(static fn (self $hire) => ServiceForecast::becomeStale(
            array_values(array_unique(Texts::of(array_filter([$hire->machine_id, $hire->getOriginal('machine_id')])))),
        ));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['goes_out_at', 'comes_back_at', 'cancelled_at', 'out_of_reach_at'], 'datetime');
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return HasOne<HireState, $this> */
    public function state(): HasOne
    {
        return $this->hasOne(HireState::class);
    }

    /** @return HasMany<Walk, $this> */
    public function walks(): HasMany
    {
        return $this->hasMany(Walk::class)->whereNull('given_back_at');
    }

    /** @return BelongsTo<User, $this> */
    public function outAssignee(): BelongsTo
    {
        return $this->belongsTo(User::class, 'out_assignee_id');
    }

    /** @return BelongsTo<User, $this> */
    public function inAssignee(): BelongsTo
    {
        return $this->belongsTo(User::class, 'in_assignee_id');
    }

    /** @return BelongsTo<self, $this> */
    public function inPlaceOf(): BelongsTo
    {
        return $this->belongsTo(self::class, 'in_place_of_id');
    }

    /** @return HasOne<self, $this> the hire that goes on with another machine, unless it was cancelled */
    public function replacement(): HasOne
    {
        return $this->hasOne(self::class, 'in_place_of_id')->whereNull('cancelled_at');
    }

    /** How a hire stands now, whatever was read of it before. */
    public static function standingOf(string $id): HireStatus
    {
        $row = DB::table('hires')->leftJoin('hire_states', 'hire_states.hire_id', '=', 'hires.id')
            ->where('hires.id', $id)
            ->first(['hires.cancelled_at', 'hire_states.standing']);

        return self::standingIn($row->cancelled_at ?? null, $row->standing ?? null);
    }

    /** What the columns of a hire and of its state say together. */
    public static function standingIn(mixed $cancelledAt, mixed $standing): HireStatus
    {
        if ($cancelledAt !== null) {
            return HireStatus::Cancelled;
        }

        return is_string($standing) ? HireStatus::from($standing) : HireStatus::Booked;
    }

    public function standing(): HireStatus
    {
        return $this->cancelled_at !== null ? HireStatus::Cancelled : $this->state->standing ?? HireStatus::Booked;
    }
}
