<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Reading;
use App\Models\Walk;
use App\Models\WalkLine;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use JadeLedger\Core\Check\Movement;

/**
 * What was read on the walks of a hire. A line that was affirmed at its checkout has its Out from the return walk
 * before it.
 */
final class ReadingsOfHire
{
    /** @return Collection<int, Reading> in the order in which they were read */
    public static function all(string $hireId): Collection
    {
        return Reading::query()
            ->where(static function (Builder $query) use ($hireId): void {
                self::only($query, $hireId);
            })
            ->orderBy('recorded_at')
            ->get()
            ->each(static function (Reading $one) use ($hireId): void {
                if ($one->hire_id !== $hireId) {
                    $one->movement = Movement::Checkout;
                }
            });
    }

    /** @param  Builder<Reading>  $query */
    public static function only(Builder $query, string $hireId): void
    {
        $affirmed = WalkLine::query()
            ->whereIn('walk_id', Walk::query()->select('id')
                ->where('hire_id', $hireId)
                ->where('movement', Movement::Checkout))
            ->whereNotNull('carried_from')
            ->whereNotNull('value')
            ->pluck('carried_from');

        $query->where('hire_id', $hireId)->orWhereIn('id', $affirmed);
    }
}
