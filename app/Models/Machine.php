<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property string $id
 * @property string $fleet_number
 * @property string $model_id
 * @property string $serial
 * @property string|null $bay
 * @property int|null $year in which it was built
 * @property \Carbon\CarbonImmutable|null $left_at since when it is not of the fleet any more
 * @property MachineLeft|null $left_as
 * @property-read MachineStatus|null $state
 * @property-read MachinePlace|null $place
 * @property-read Collection<int, Finding> $findings
 * @property-read Collection<int, Hire> $hires
 * @property-read Collection<int, Tag> $tags
 */
final class Machine extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'machines';

    protected $fillable = ['yard_id', 'fleet_number', 'model_id', 'serial', 'bay', 'year', 'left_at', 'left_as'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['left_at' => 'immutable_datetime', 'left_as' => MachineLeft::class];
    }

    /** @return HasOne<MachineStatus, $this> */
    public function state(): HasOne
    {
        return $this->hasOne(MachineStatus::class);
    }

    /** @return HasOne<MachinePlace, $this> where it stands since it was moved */
    public function place(): HasOne
    {
        return $this->hasOne(MachinePlace::class);
    }

    /** The bay in which it stands, as far as that is known. */
    public function presentBay(): ?string
    {
        return $this->place->bay ?? $this->bay;
    }

    /** @return HasMany<Finding, $this> what is wrong with it, struck findings left out */
    public function findings(): HasMany
    {
        return $this->hasMany(Finding::class)->where('is_struck', false)->whereNull('mended_at')->orderBy('number');
    }

    /** @return HasMany<Hire, $this> */
    public function hires(): HasMany
    {
        return $this->hasMany(Hire::class)->orderByDesc('goes_out_at');
    }

    /** @return HasMany<Tag, $this> those that hang */
    public function tags(): HasMany
    {
        return $this->hasMany(Tag::class)->whereNull('lifted_at');
    }
}
