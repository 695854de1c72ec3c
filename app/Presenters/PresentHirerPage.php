<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Hires\DayOfDuty;
use App\Hires\HandedOver;
use App\Ledger\ProgrammeOfModel;
use App\Ledger\StepsOfHire;
use App\Limits\LimitsTold;
use App\Models\Hire;
use App\Models\HirerLanguage;
use App\Models\HirerReport;
use App\Models\HirerTick;
use App\Models\HireStatus;
use App\Models\StepNote;
use App\Models\Tag;
use App\Models\WalkPlanRecord;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\App;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * The page of a hirer: how the machine is started and stopped, its limits here, the daily list, whom to ring. Nothing
 * of the yard's own talk, and once the machine is back only that it is over.
 */
final readonly class PresentHirerPage
{
    private const OVER = [HireStatus::Returned, HireStatus::Closed, HireStatus::Cancelled];

    public function __construct(
        private CatalogueRepository $shelf,
        private StepsOfHire $steps,
        private LimitsTold $limits,
        private PresentThings $things,
        private PresentDuties $duties,
        private ProgrammeOfModel $programme,
        private DayOfDuty $day,
        private CurrentYard $yard,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Hire $hire, CarbonImmutable $now): array
    {
        $hire->load(['machine', 'customer', 'state', 'walks']);
        $catalogue = $this->catalogue($hire);
        $model = $catalogue->model($hire->machine->model_id);
        $family = $catalogue->family($model->familyId);
        $isTheirs = HandedOver::is($hire);

        return [
            'standing' => self::standing($hire),
            'yard' => $this->yard->name(),
            'phone' => Yard::query()->whereKey($this->yard->id())->value('phone'),
            'folio' => $hire->folio,
            'fleet_number' => $hire->machine->fleet_number,
            'family' => $family->name,
            'model' => "{$model->maker} {$model->name}",
            'drawing' => $family->drawing,
            'parts' => PresentPlan::parts($family),
            'until' => Moment::text($hire->comes_back_at),
            'timezone' => $this->yard->timezone(),
            'language' => App::getLocale(),
            'languages' => array_column(HirerLanguage::cases(), 'value'),
            'kept_at' => Moment::text($now),
            'steps' => $isTheirs
                ? array_map(
                    static fn (BriefingStep $step): array => PresentBriefing::step($step),
                    $this->steps->of($hire, $catalogue, $model),
                )
                : [],
            'notes' => (object) ($isTheirs ? StepNote::for($hire->customer) : []),
            'limits' => $isTheirs ? $this->limits->limits($hire->id, $hire->machine) : [],
            'cautions' => $isTheirs ? $this->limits->cautions($hire->id, $hire->machine) : [],
            'things' => $isTheirs ? $this->things->handed($hire->id) : [],
            'duties' => $isTheirs ? $this->today($hire, $now) : [],
            'clears_at' => Moment::text($this->day->endOf($now)),
            'reports' => $isTheirs ? self::reports($hire) : [],
        ];
    }

    private static function standing(Hire $hire): string
    {
        return match (true) {
            Tag::hangingOn($hire->machine_id) !== null && HandedOver::is($hire) => 'tagged',
            HandedOver::is($hire) => 'out',
            in_array($hire->standing(), self::OVER, true) => 'over',
            default => 'not_out',
        };
    }

    /** The one with which it was handed over: what was said then is what they read. */
    private function catalogue(Hire $hire): Catalogue
    {
        $out = $hire->walks->where('movement', Movement::Checkout)->sortByDesc('opened_at')->first();
        $version = $out === null
            ? null
            : WalkPlanRecord::query()->where('walk_id', $out->id)->value('catalogue_version');

        return is_string($version) ? $this->shelf->version($version) : $this->shelf->current();
    }

    /** @return list<array<string, mixed>> what is done today, and whether somebody said that it is */
    private function today(Hire $hire, CarbonImmutable $now): array
    {
        $today = $this->day->of($now);
        $began = $this->yard->dayOf($hire->state->out_at ?? $hire->goes_out_at);
        $ofHire = $began->daysUntil($this->yard->dayOf($now)) + 1;
        $ticks = HirerTick::query()->where('hire_id', $hire->id)->where('is_done', true)->orderBy('day')->get()
            ->keyBy('point');
        $points = $this->programme->of($hire->machine->model_id)->points;

        return array_values(array_map(
            /** @param array{id: string, ...} $duty */
            static function (array $duty) use ($ticks, $points, $today): array {
                $tick = $ticks->get($duty['id']);
                $done = $tick === null ? null : CalendarDate::parse($tick->day->format('Y-m-d'));
                // What comes back by hours alone is looked at each day: nobody here reads the meter.
                $next = $done === null ? null : $points[$duty['id']]->every->after($done) ?? $done->plusDays(1);

                return $duty + ['ticked' => $next !== null && $today->isBefore($next), 'done_on' => $done?->text()];
            },
            array_filter(
                $this->duties->on($hire->id, $hire->machine),
                static fn (array $duty): bool => $duty['first_day'] <= $ofHire,
            ),
        ));
    }

    /** @return list<array<string, mixed>> what they reported, the last first */
    private static function reports(Hire $hire): array
    {
        return array_values(HirerReport::query()->where('hire_id', $hire->id)->orderByDesc('reported_at')->limit(10)
            ->get()->map(static fn (HirerReport $one): array => [
                'id' => $one->id,
                'words' => $one->words,
                'reported_at' => Moment::text($one->reported_at),
                'settled' => $one->settled_words,
            ])->all());
    }
}
