<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Every point of a machine with how far off it is, the nearest first. */
final readonly class ServiceSchedule
{
    /** @param  list<DuePoint>  $points */
    private function __construct(public array $points)
    {
    }

    /**
     * @param list<WorkDone> $done in any order
     * @param Quantity|null $hours of the machine today, in all; none while its meter was never read
     * @param MeterToday|null $work its second meter, where it has one
     */
    public static function of(
        Programme $programme,
        array $done,
        ?Quantity $hours,
        CalendarDate $today,
        ?MeterForecast $forecast,
        ?Happened $happened = null,
        ?MeterToday $work = null,
    ): self {
        $happened ??= Happened::nothing();
        $meters = [
            Meter::Main->value => new MeterToday($hours, $forecast),
            Meter::Work->value => $work ?? new MeterToday(null, null),
        ];
        $last = $programme->last($done);
        $points = array_map(
            static fn (ServicePoint $point): DuePoint => self::point(
                $point,
                $last[$point->id] ?? null,
                $meters[$point->meter->value],
                $today,
                $happened,
            ),
            array_values(array_filter(
                $programme->points,
                static fn (ServicePoint $point): bool => $point->isOn($meters[$point->meter->value]->hours),
            )),
        );
        $shown = array_filter($points, static fn (DuePoint $inner): bool => array_filter(
            $points,
            static fn (DuePoint $outer): bool => in_array(
                $inner->point->id,
                $programme->doneWith($outer->point->id),
                true,
            )
                && self::takesAlong($outer, $inner),
        ) === []);
        usort($shown, self::nearer(...));

        return new self($shown);
    }

    /** @return list<DuePoint> */
    public function due(): array
    {
        return array_values(array_filter($this->points, static fn (DuePoint $point): bool => $point->state->isDue()));
    }

    private static function point(
        ServicePoint $point,
        ?WorkDone $last,
        MeterToday $meter,
        CalendarDate $today,
        Happened $happened,
    ): DuePoint {
        $due = $last === null ? null : DueAt::after($point, $last);
        $hoursLeft = $due?->hours === null || $meter->hours === null ? null : $due->hours->minus($meter->hours);
        $daysLeft = $due?->on === null ? null : $today->daysUntil($due->on);
        $likely = $due?->hours === null ? null : $meter->forecast?->dayOf($due->hours);

        $hiresLeft = $last === null || $point->every->hires === 0
            ? null
            : $point->every->hires - $happened->hiresSince($last);
        $because = $last === null ? null : $happened->dueAfter($point, $last);
        $byItself = $because !== null || ($hiresLeft !== null && $hiresLeft <= 0);
        $byUse = self::state($point, $due, $hoursLeft, $daysLeft, $likely);

        return new DuePoint($point, $last, $due, $hoursLeft, $daysLeft, $likely, match (true) {
            $byUse === DueState::Overdue => $byUse,
            $byItself => DueState::Due,
            $byUse === DueState::NotKnown && $hiresLeft !== null => DueState::Later,
            default => $byUse,
        }, $hiresLeft, $because);
    }

    private static function state(
        ServicePoint $point,
        ?DueAt $due,
        ?Quantity $hoursLeft,
        ?int $daysLeft,
        ?LikelyDay $likely,
    ): DueState {
        if ($due === null || ($due->on === null && $hoursLeft === null)) {
            return DueState::NotKnown;
        }
        $nought = Quantity::of('0', Unit::Hour);
        $late = $hoursLeft !== null && $hoursLeft->plus($point->tolerance)->isLessThan($nought);
        $days = min($daysLeft ?? PHP_INT_MAX, $likely->likely ?? PHP_INT_MAX);

        return match (true) {
            $late, $daysLeft !== null && $daysLeft < 0 => DueState::Overdue,
            $hoursLeft !== null && ! $hoursLeft->isGreaterThan($nought), $daysLeft === 0 => DueState::Due,
            $days <= 30 => DueState::Within30Days,
            $days <= 90 => DueState::Within90Days,
            default => DueState::Later,
        };
    }

    /** Whether the larger one comes no later than the smaller one may wait: it is done with that, and not twice. */
    private static function takesAlong(DuePoint $outer, DuePoint $inner): bool
    {
        if ($outer->due === null || $inner->due === null) {
            return false;
        }
        if ($inner->isDueByItself()) {
            return $outer->state->isDue();
        }
        $byHours = $outer->hoursLeft !== null && $inner->hoursLeft !== null
            && ! $outer->hoursLeft->isGreaterThan($inner->hoursLeft->plus($inner->point->tolerance));
        $byDays = $outer->daysLeft !== null && $inner->daysLeft !== null && $outer->daysLeft <= $inner->daysLeft;

        return match (true) {
            $inner->hoursLeft === null => $byDays || $outer->state->isDue(),
            $inner->daysLeft === null => $byHours || $outer->state->isDue(),
            default => ($byHours && $byDays) || $outer->state->isDue(),
        };
    }

    private static function nearer(DuePoint $a, DuePoint $b): int
    {
        $rank = $a->state->rank() <=> $b->state->rank();
        $days = ($a->days() ?? PHP_INT_MAX) <=> ($b->days() ?? PHP_INT_MAX);
        $left = static fn (DuePoint $point): float => (float) ($point->hoursLeft?->text() ?? INF);

        return $rank ?: ($days ?: ($left($a) <=> $left($b) ?: $a->point->id <=> $b->point->id));
    }
}
