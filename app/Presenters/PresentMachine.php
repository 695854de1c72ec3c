<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Ledger\HourMeterOfMachine;
use App\Models\Finding;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\MachinePaper;
use App\Models\MachineStanding;
use App\Words;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Outcome;

final readonly class PresentMachine
{
    public function __construct(
        private CatalogueRepository $shelf,
        private HourMeterOfMachine $meter,
        private CurrentYard $yard,
    ) {
    }

    /** @return array<string, mixed> */
    public function row(Machine $machine): array
    {
        $catalogue = $this->shelf->current();
        $model = $catalogue->model($machine->model_id);
        $family = $catalogue->family($model->familyId);
        $standing = $machine->state->standing ?? MachineStanding::InYard;

        return [
            'id' => $machine->id,
            'fleet_number' => $machine->fleet_number,
            'family' => $family->name,
            'drawing' => $family->drawing,
            'describes' => $model->describes,
            'maker' => $model->maker,
            'model' => $model->name,
            'bay' => $machine->presentBay(),
            'standing' => $standing->value,
            'mark' => match ($standing) {
                MachineStanding::TaggedOut, MachineStanding::Gone => Outcome::Stop->value,
                MachineStanding::Held => Outcome::Attend->value,
                MachineStanding::InYard, MachineStanding::Ready => Outcome::Stands->value,
                MachineStanding::Out, MachineStanding::Walking => Outcome::Open->value,
            },
            'words' => Words::say('words.machine.'.$standing->value),
            'smr_hours' => $machine->state?->smr_hours,
        ];
    }

    /** @return array<string, mixed> */
    public function detail(Machine $machine): array
    {
        $catalogue = $this->shelf->current();
        $family = $catalogue->family($catalogue->model($machine->model_id)->familyId);

        return [
            'machine' => $this->row($machine),
            'serial' => $machine->serial,
            'year' => $machine->year,
            'left_as' => $machine->left_as?->value,
            'hours_in_all' => self::hours($this->meter->inAll($machine)),
            'parts' => PresentPlan::parts($family),
            'outline' => PresentPlan::box($family->outline),
            'finding_kinds' => PresentPlan::findingKinds($catalogue),
            'findings' => array_values($machine->findings()->with(['actor', 'sightings'])->get()->map(static fn (Finding $finding): array => PresentFinding::on($finding, null))->all()),
            'folios' => array_values($machine->hires()->with(['customer', 'state'])->limit(30)->get()->map(static fn (Hire $hire): array => [
                'hire_id' => $hire->id,
                'folio' => $hire->folio,
                'customer' => $hire->customer->name,
                'out_at' => Moment::text($hire->state->out_at ?? $hire->goes_out_at),
                'in_at' => Moment::text($hire->state->in_at ?? $hire->comes_back_at),
                'standing' => $hire->standing()->value,
                'walk_id' => match ($hire->standing()) {
                    HireStatus::WalkingOut, HireStatus::Held => $hire->state?->out_walk_id,
                    HireStatus::WalkingIn => $hire->state?->in_walk_id,
                    default => null,
                },
            ])->all()),
            'papers' => array_map(
                fn (MachinePaper $paper): array => PresentPaper::of(
                    $paper,
                    CarbonImmutable::now($this->yard->timezone())->startOfDay(),
                ),
                MachinePaper::ofMachine($machine->id),
            ),
            'tag' => PresentTag::hangingOn($machine->id),
        ];
    }

    private static function hours(?Quantity $hours): ?string
    {
        return $hours === null ? null : (string) $hours->decimal(1, RoundingMode::HALF_UP);
    }
}
