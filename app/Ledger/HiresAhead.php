<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\HireStatus;
use Illuminate\Support\Collection;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\HireSpan;

/** The hires of a machine that are not over, as days of the yard's calendar. */
final class HiresAhead
{
    private const OVER = [HireStatus::Returned, HireStatus::Closed, HireStatus::Cancelled, HireStatus::Stopped];

    /**
     * @param Collection<int, Hire> $hires with their states
     * @param string $zone of the yard, by its name
     * @return list<HireSpan> the earliest first
     */
    public static function of(Collection $hires, CalendarDate $today, string $zone): array
    {
        $spans = $hires
            ->filter(static fn (Hire $hire): bool => ! in_array($hire->standing(), self::OVER, true))
            ->sortBy('goes_out_at')
            ->map(static function (Hire $hire) use ($zone): HireSpan {
                $day = static fn (\Carbon\CarbonInterface $at): CalendarDate => CalendarDate::parse(
                    $at->toImmutable()->setTimezone($zone)->format('Y-m-d'),
                );

                return new HireSpan(
                    $hire->id,
                    $day($hire->state->out_at ?? $hire->goes_out_at),
                    $day($hire->comes_back_at),
                );
            });

        $isOver = static fn (HireSpan $span): bool => $span->until->isBefore($today);
        $isFetched = static fn (string $id): bool => $hires->firstWhere('id', $id)?->state?->out_at !== null;

        // One that is late is out today, whatever was agreed; one that was never fetched is none.
        return array_values($spans
            ->reject(static fn (HireSpan $span): bool => $isOver($span) && ! $isFetched($span->hireId))
            ->map(static fn (HireSpan $span): HireSpan => $isOver($span)
                ? new HireSpan($span->hireId, $span->from, $today)
                : $span)
            ->all());
    }
}
