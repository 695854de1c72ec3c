<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Models\ServicePlan;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Calendar\Calendar;
use JadeLedger\Core\Calendar\CalendarEvent;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * What is likely due on each machine, as a calendar reads it: one entry for a machine and a day. What is overdue stands
 * on today until it is done.
 *
 * @phpstan-type PointOnDay object{machine_id: string, point: string, day: string, fleet_number: string,
 *     model_id: string}
 */
final readonly class CalendarOfService
{
    private const AHEAD_DAYS = 90;

    public function __construct(private CurrentYard $yard, private CatalogueRepository $catalogue)
    {
    }

    public function at(CarbonImmutable $now): Calendar
    {
        $today = $this->yard->dayOf($now);
        $points = DB::table('service_ahead as a')->join('machines as m', 'm.id', '=', 'a.machine_id')
            ->where('a.yard_id', $this->yard->id())
            ->whereNull('m.left_at')
            // What is planned into a day stands on that day, whenever it is due.
            ->leftJoinSub(ServicePlan::ahead()->toBase(), 'p', static fn (JoinClause $join) => $join
                ->on('p.machine_id', '=', 'a.machine_id')->on('p.point', '=', 'a.point'))
            ->whereRaw('coalesce(p.day, a.day) <= ?', [$today->plusDays(self::AHEAD_DAYS)->text()])
            ->orderByRaw('coalesce(p.day, a.day)')
            ->orderBy('m.fleet_number')
            ->orderBy('a.point')
            ->selectRaw('a.machine_id, a.point, coalesce(p.day, a.day) as day, m.fleet_number, m.model_id')->get();

        /** @var Collection<int, PointOnDay> $points */
        return new Calendar(
            Words::say('documents.calendar.service', ['yard' => $this->yard->name()]),
            array_values($points
                ->groupBy(
                    static fn (object $one): string => $one->machine_id.max($one->day, $today->text()),
                )
                ->map(fn (Collection $due): CalendarEvent => $this->event($due, $today, $now))
                ->all()),
        );
    }

    /** @param  Collection<int, PointOnDay>  $due of one machine, on one day or before it */
    private function event(Collection $due, CalendarDate $today, CarbonImmutable $now): CalendarEvent
    {
        $first = $due->firstOrFail();
        $catalogue = $this->catalogue->current();
        $names = array_column($catalogue->servicePoints, 'name', 'id');
        $model = $catalogue->model($first->model_id);
        $isOver = $first->day < $today->text();
        $day = CalendarDate::parse($isOver ? $today->text() : $first->day);
        $words = Words::say(
            $isOver ? 'documents.calendar.overdue' : 'documents.calendar.due',
            ['count' => count($due)],
        );
        $points = $due->map(
            static fn (object $one): string => CatalogueWords::say($names[$one->point] ?? $one->point),
        );

        return CalendarEvent::onDays(
            "service-{$first->machine_id}-{$first->point}@jade-ledger",
            $day,
            $day,
            $now->toDateTimeImmutable(),
            "{$first->fleet_number} ".CatalogueWords::say($model->describes).": {$words}",
            implode("\n", $points->all()),
        );
    }
}
