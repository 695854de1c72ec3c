<?php

declare(strict_types=1);

namespace App\Presenters;

use Illuminate\Support\Facades\DB;

/**
 * How far a walk has come, counted by the database: a day has thousands of lines, and a row needs four figures of
 * them.
 */
final readonly class WalkTally
{
    /** @param  string|null  $waitsFor the check of the first line that needs attention */
    private function __construct(public int $all, public int $done, public int $attending, public ?string $waitsFor)
    {
    }

    public static function none(): self
    {
        return new self(0, 0, 0, null);
    }

    /**
     * @param list<string> $walks ids
     * @return array<string, self> by walk
     */
    public static function of(array $walks): array
    {
        $tallies = [];
        $rows = DB::table('walk_lines')
            ->whereIn('walk_id', $walks)
            ->groupBy('walk_id')
            ->selectRaw(
                <<<'SQL'
                walk_id, count(*) as lines_in_all, sum(outcome <> 'open') as lines_done,
                sum(outcome = 'attend') as lines_attending,
                min(
                    case when outcome in ('attend', 'stop') then concat(lpad(position, 6, '0'), check_id) end
                ) as first_waiting
                SQL
                ,
            )
            ->get();
        /**
         * @var object{walk_id: string, lines_in_all: int, lines_done: string, lines_attending: string,
         *     first_waiting: string|null} $row
         */
        foreach ($rows as $row) {
            $tallies[$row->walk_id] = new self(
                $row->lines_in_all,
                (int) $row->lines_done,
                (int) $row->lines_attending,
                $row->first_waiting === null ? null : substr($row->first_waiting, 6),
            );
        }

        return $tallies;
    }
}
