<?php

declare(strict_types=1);

namespace App\Hires;

use App\Models\HireStatus;
use App\Yards\CurrentYard;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/**
 * Hires of one machine on the same days, of which one was booked out of reach: both stand, and neither is walked out
 * until the lead has settled it: other days, another machine, or one of them called off.
 */
final readonly class ContestedHires
{
    /** Hires that are over, or will not be, stand in nobody's way. */
    private const OVER = [HireStatus::Returned, HireStatus::Closed, HireStatus::Stopped];

    public function __construct(private CurrentYard $yard)
    {
    }

    /** @return array<string, list<int>> by hire: the folios of the others */
    public function all(): array
    {
        return $this->read($this->pairs());
    }

    /** @return list<int> the folios of the others; none where it is not contested */
    public function with(string $hireId): array
    {
        return $this->read($this->pairs()->where(static fn (Builder $either): Builder => $either
            ->where('a.id', $hireId)->orWhere('b.id', $hireId)))[$hireId] ?? [];
    }

    private function pairs(): Builder
    {
        return DB::table('hires as a')
            ->join('hires as b', static fn (JoinClause $join): JoinClause => $join
                ->on('b.machine_id', '=', 'a.machine_id')
                ->on('b.id', '!=', 'a.id')
                ->on('b.goes_out_at', '<', 'a.comes_back_at')
                ->on('b.comes_back_at', '>', 'a.goes_out_at'))
            ->leftJoin('hire_states as of_a', 'of_a.hire_id', '=', 'a.id')
            ->leftJoin('hire_states as of_b', 'of_b.hire_id', '=', 'b.id')
            ->where('a.yard_id', $this->yard->id())
            ->whereNotNull('a.out_of_reach_at')
            ->whereNull('a.cancelled_at')
            ->whereNull('b.cancelled_at')
            ->where(self::isAhead('of_a'))
            ->where(self::isAhead('of_b'))
            ->orderBy('a.folio')
            ->orderBy('b.folio')
            ->select(['a.id as one', 'a.folio as folio_of_one', 'b.id as other', 'b.folio as folio_of_other']);
    }

    /** @return \Closure(Builder): Builder */
    private static function isAhead(string $state): \Closure
    {
        return static fn (Builder $of): Builder => $of->whereNull("{$state}.standing")
            ->orWhereNotIn("{$state}.standing", self::OVER);
    }

    /** @return array<string, list<int>> */
    private function read(Builder $pairs): array
    {
        $contested = [];
        /** @var object{one: string, folio_of_one: int, other: string, folio_of_other: int} $pair */
        foreach ($pairs->get() as $pair) {
            $contested[$pair->one][$pair->folio_of_other] = $pair->folio_of_other;
            $contested[$pair->other][$pair->folio_of_one] = $pair->folio_of_one;
        }

        return array_map(array_values(...), $contested);
    }
}
