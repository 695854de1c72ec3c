<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * How far a rebuild of the projections has come. While one is under way the projections say half of what they should:
 * nothing is read from them, and nothing is posted.
 */
final readonly class RebuildProgress
{
    /** In which a tablet asks again: seconds. */
    private const SECONDS_TO_COME_BACK = 30;

    public function isUnderWay(): bool
    {
        return self::row()->whereNotNull('position')->exists();
    }

    /**
     * In the transaction of whoever writes, before anything else is locked: a rebuild begins behind it, or before it.
     *
     * @throws ApiProblem rebuild_under_way
     */
    public function waitsForWriter(): void
    {
        if (self::row()->sharedLock()->value('position') !== null) {
            throw self::underWay();
        }
    }

    public static function underWay(): ApiProblem
    {
        return new ApiProblem(
            Problem::named(ProblemName::RebuildUnderWay, 503, ['seconds' => self::SECONDS_TO_COME_BACK]),
            self::SECONDS_TO_COME_BACK,
        );
    }

    /** Up to which entry it has come, and nothing where none is under way. Locks the row: one chunk at a time. */
    public function locked(): ?int
    {
        $position = self::row()->lockForUpdate()->value('position');

        return is_numeric($position) ? (int) $position : null;
    }

    public function begin(): void
    {
        DB::table('rebuild_progress')->updateOrInsert(
            ['id' => 1],
            ['position' => 0, 'began_at' => CarbonImmutable::now()->format('Y-m-d H:i:s.u')],
        );
    }

    public function reached(int $position): void
    {
        self::row()->update(['position' => $position]);
    }

    public function end(): void
    {
        self::row()->update(['position' => null, 'began_at' => null]);
    }

    private static function row(): Builder
    {
        return DB::table('rebuild_progress')->where('id', 1);
    }
}
