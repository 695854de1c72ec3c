<?php

declare(strict_types=1);

namespace App\Models;

use App\Texts;
use App\Words;
use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $name
 * @property string|null $phone as it is dialled
 * @property string|null $mail
 * @property string|null $address
 * @property string|null $notes
 * @property string|null $merged_into_id the hirer that is kept, where this one was the same entered twice
 * @property bool $is_nobody who stands for whoever had a machine that came back with no hire
 */
final class Customer extends Model
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'customers';

    protected $fillable = ['yard_id', 'name', 'phone', 'mail', 'address', 'notes', 'merged_into_id', 'is_nobody'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_nobody' => 'boolean'];
    }

    /** Of nobody in the language of whoever reads. @return Attribute<string, string> */
    protected function name(): Attribute
    {
        return Attribute::get(
            fn (string $kept): string => $this->is_nobody ? Words::say('words.hirer_not_known') : $kept,
        );
    }

    /** Who has the machines that came back with no hire, until somebody says who it was; one of each yard. */
    public static function nobody(): self
    {
        return self::query()->firstOrCreate(['is_nobody' => true], ['name' => 'Not known yet']);
    }

    /** The hirer that counts: itself, or the one that it was merged into. */
    public function kept(): self
    {
        return $this->merged_into_id === null ? $this : self::query()->findOrFail($this->merged_into_id);
    }

    /** @return HasMany<self, $this> */
    public function doubles(): HasMany
    {
        return $this->hasMany(self::class, 'merged_into_id');
    }

    /** @return HasMany<Hire, $this> */
    public function hires(): HasMany
    {
        return $this->hasMany(Hire::class);
    }

    /** @return Builder<self> all but those that were merged into another one */
    public static function stillKept(): Builder
    {
        return self::query()->whereNull('merged_into_id')->where('is_nobody', false);
    }

    /** @return Builder<self> whose name holds these letters, and into whom one of the name was merged */
    public static function named(string $letters): Builder
    {
        $like = '%'.addcslashes($letters, '%_\\').'%';

        return self::stillKept()->where(static fn (Builder $either) => $either->where('name', 'like', $like)
            ->orWhereHas('doubles', static fn (Builder $double) => $double->where('name', 'like', $like)));
    }

    /** @return list<string> its own id and those of the hirers that were merged into it */
    public function idsOfAll(): array
    {
        return [$this->id, ...Texts::of($this->doubles()->pluck('id'))];
    }
}
