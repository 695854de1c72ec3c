<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\PlanCache;
use App\Models\Hire;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Briefing\SeasonRule;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\After;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;
use JadeLedger\Core\Service\HireSpan;
use JadeLedger\Core\Service\LaidUp;
use JadeLedger\Core\Service\MeterToday;
use JadeLedger\Core\Service\ServiceSchedule;

/** Asks the core what the service of a machine looks like, by what the ledger knows of it. */
final readonly class ServiceOfMachine
{
    public function __construct(
        private ProgrammeOfModel $programme,
        private PlanCache $plans,
        private CurrentYard $yard,
    ) {
    }

    public function outlook(ServiceHistory $history, CarbonImmutable $now): ServiceOutlook
    {
        return $this->over($history, $history->hires, $now);
    }

    /** As if it had no other hire than this one. */
    public function outlookOn(string $hireId, ServiceHistory $history, CarbonImmutable $now): ServiceOutlook
    {
        return $this->over($history, $history->hires->where('id', $hireId)->values(), $now);
    }

    /**
     * @param list<HireSpan> $ahead hires that are not over
     * @return array<string, \DateTimeImmutable> when frost began and since when it is laid up, by the value of After
     */
    private function seasons(ServiceHistory $history, array $ahead, CalendarDate $today): array
    {
        $features = $this->plans->featuresOf($history->machine->model_id);
        $back = null;
        foreach ($history->hires as $hire) {
            $back = max($back, $hire->state?->in_at);
        }
        $laidUp = LaidUp::since($back === null ? null : $this->yard->dayOf($back->toImmutable()), $ahead, $today);
        $begin = static fn (CalendarDate $day): \DateTimeImmutable => new \DateTimeImmutable("{$day->text()} UTC");

        return [After::Frost->value => $begin(SeasonRule::of($features)->frostBegan($today))]
            + ($laidUp === null ? [] : [After::Storage->value => $begin($laidUp)]);
    }

    /** @param  Collection<int, Hire>  $hires on which something may fall due */
    private function over(ServiceHistory $history, Collection $hires, CarbonImmutable $now): ServiceOutlook
    {
        $today = $this->yard->dayOf($now);
        $moment = $now->toDateTimeImmutable();
        $forecast = $history->use->forecast($moment);
        $rate = $history->use->rate($history->hires, $moment)->hoursPerDay ?? $forecast?->hoursPerDay;
        $spans = HiresAhead::of($hires, $today, $this->yard->timezone());
        $work = $history->work->forecast($moment);
        $rates = [
            Meter::Main->value => $rate,
            Meter::Work->value => $history->work->rate($history->hires, $moment)->hoursPerDay ?? $work?->hoursPerDay,
        ];
        $schedule = ServiceSchedule::of(
            $this->programme->of($history->machine->model_id),
            $history->done(),
            $history->use->inAll($history->machine),
            $today,
            $forecast,
            $history->happened->and($this->seasons($history, $spans, $today)),
            new MeterToday($history->work->inAll($history->machine), $work),
        );

        return new ServiceOutlook(
            array_map(
                static fn (DuePoint $point): PointAhead => new PointAhead(
                    $point,
                    DueOnHire::first($point, $spans, $today, $rates[$point->point->meter->value]),
                ),
                $schedule->points,
            ),
            $spans,
            $forecast,
            $rate,
        );
    }
}
