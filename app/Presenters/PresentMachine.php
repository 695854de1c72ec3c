<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Words;
use JadeLedger\Core\Verdict\Outcome;

final readonly class PresentMachine
{
    public function __construct(private CatalogueRepository $shelf)
    {
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
}
