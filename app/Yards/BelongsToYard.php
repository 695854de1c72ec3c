<?php

declare(strict_types=1);

namespace App\Yards;

use App\Models\Yard;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A row that belongs to one yard. From another yard it does not exist: not in lists, not by its id, not in relations.
 *
 * @property string $yard_id
 *
 * @mixin Model
 */
trait BelongsToYard
{
    protected static function bootBelongsToYard(): void
    {
        static::addGlobalScope('yard', static function (Builder $query): void {
            $yard = app(CurrentYard::class)->id();
            if ($yard !== null) {
                $query->where($query->getModel()->qualifyColumn('yard_id'), $yard);
            }
        });
        static::creating(static function (Model $row): void {
            if ($row->getAttribute('yard_id') === null) {
                $row->setAttribute('yard_id', app(CurrentYard::class)->id());
            }
        });
    }

    /** @return BelongsTo<Yard, $this> */
    public function yard(): BelongsTo
    {
        return $this->belongsTo(Yard::class);
    }
}
