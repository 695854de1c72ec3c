<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Ledger\UseOfMachine;
use App\Models\Finding;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\MachineAttachment;
use App\Models\MachinePaper;
use App\Models\Tag;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Meter\UsageRate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Service\MeterForecast;

/** One machine: what is wrong with it, how the last walk left it, its hours, folios and papers, and what comes next. */
final readonly class PresentMachineDetail
{
    private const MOST_FOLIOS = 30;

    public function __construct(
        private CatalogueRepository $shelf,
        private CurrentYard $yard,
        private PresentMachine $row,
        private PresentNextAct $next,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Machine $machine): array
    {
        $catalogue = $this->shelf->current();
        $family = $catalogue->family($catalogue->model($machine->model_id)->familyId);
        $now = CarbonImmutable::now();
        $tag = Tag::hangingOn($machine->id);
        $hires = $machine->hires()
            ->with(
                ['customer', 'state', 'walks.openedBy', 'machine.state', 'machine.place', 'outAssignee', 'inAssignee'],
            )
            ->limit(self::MOST_FOLIOS)->get();
        $use = UseOfMachine::of($machine);
        $findings = $machine->findings()->with(['actor', 'sightings'])->get();

        return [
            'machine' => $this->row->row($machine),
            'serial' => $machine->serial,
            'year' => $machine->year,
            'attachment' => $this->attachment($machine),
            'left_as' => $machine->left_as?->value,
            'hours_in_all' => self::hours($use->offsets->inAll($machine)),
            'meter_read_at' => Moment::orNull($machine->state?->smr_at),
            'usage' => self::usage(
                $use->rate($hires, $now->toDateTimeImmutable()),
                $use->forecast($now->toDateTimeImmutable()),
            ),
            'last_walk' => PresentLastWalk::of($machine),
            'parts' => PresentPlan::parts($family),
            'outline' => PresentPlan::box($family->outline),
            'finding_kinds' => PresentPlan::findingKinds($catalogue),
            'findings' => array_values(
                $findings->map(static fn (Finding $finding): array => PresentFinding::on($finding, null))->all(),
            ),
            'folios' => $this->folios($machine, $hires, $use),
            'papers' => array_map(
                fn (MachinePaper $paper): array => PresentPaper::of(
                    $paper,
                    $now->setTimezone($this->yard->timezone())->startOfDay(),
                ),
                MachinePaper::ofMachine($machine->id),
            ),
            'tag' => $tag === null ? null : PresentTag::of($tag),
            'next' => $this->next->of($hires, $tag, $now),
        ];
    }

    /**
     * @param Collection<int, Hire> $hires
     * @return list<array<string, mixed>> the newest first
     */
    private function folios(Machine $machine, Collection $hires, UseOfMachine $use): array
    {
        $damage = Finding::query()
            ->where('machine_id', $machine->id)
            ->where('is_struck', false)
            ->where('movement', Movement::Return->value)
            ->get(['hire_id'])
            ->countBy('hire_id');

        return array_values($hires->map(static fn (Hire $hire): array => [
            'hire_id' => $hire->id,
            'folio' => $hire->folio,
            'customer' => $hire->customer->name,
            'out_at' => Moment::text($hire->state->out_at ?? $hire->goes_out_at),
            'in_at' => Moment::text($hire->state->in_at ?? $hire->comes_back_at),
            'standing' => $hire->standing()->value,
            'hours' => self::hours($use->hoursOn($hire)),
            'new_damage' => $damage->get($hire->id, 0),
            'walk_id' => match ($hire->standing()) {
                HireStatus::WalkingOut, HireStatus::Held => $hire->state?->out_walk_id,
                HireStatus::WalkingIn => $hire->state?->in_walk_id,
                default => null,
            },
        ])->all());
    }

    /** @return array{fitted: string|null, since: string|null}|null nothing where the model takes no attachment */
    private function attachment(Machine $machine): ?array
    {
        $catalogue = $this->shelf->current();
        $features = $catalogue->featuresOf($catalogue->model($machine->model_id));
        $isAsked = static fn (Check $check): bool => $check->applies->holdsFor($features)
            && in_array(Occasion::AfterAttachmentChange, $check->dueOn($features), true);
        if (array_filter($catalogue->checks, $isAsked) === []) {
            return null;
        }
        $attachment = MachineAttachment::query()->find($machine->id);

        return ['fitted' => $attachment?->fitted, 'since' => Moment::orNull($attachment?->since)];
    }

    /** @return array<string, mixed>|null by the days on hire; where they say too little, by those of the calendar */
    private static function usage(?UsageRate $rate, ?MeterForecast $forecast): ?array
    {
        return match (true) {
            $rate !== null => [
                'basis' => 'hire',
                'hours_per_day' => number_format($rate->hoursPerDay, 1, '.', ''),
                'days' => (int) round($rate->days),
            ],
            $forecast !== null => [
                'basis' => 'calendar',
                'hours_per_day' => number_format($forecast->hoursPerDay, 1, '.', ''),
                'days' => (int) round($forecast->days),
            ],
            default => null,
        };
    }

    private static function hours(?Quantity $hours): ?string
    {
        return $hours === null ? null : (string) $hours->decimal(1, RoundingMode::HALF_UP);
    }
}
