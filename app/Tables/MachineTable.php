<?php

declare(strict_types=1);

namespace App\Tables;

use App\Actions\KeepMachine;
use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use App\Models\User;

/** The fleet as a table. A model is named by its id, or by maker and name as they are painted on the machine. */
final readonly class MachineTable implements OfficeTable
{
    public function __construct(
        private KeepMachine $keep,
        private CatalogueRepository $shelf,
        private TakesByContract $cells,
    ) {
    }

    public function columns(): array
    {
        return ['fleet_number', 'model', 'serial', 'bay', 'year', 'hours'];
    }

    public function needed(): array
    {
        return ['fleet_number', 'model', 'serial'];
    }

    public function take(array $row, User $by): void
    {
        $year = $row['year'] ?? '';
        $plate = [
            'fleet_number' => mb_strtoupper($row['fleet_number']),
            'serial' => $row['serial'],
            'bay' => ($row['bay'] ?? '') === '' ? null : $row['bay'],
            'year' => $year === '' ? null : (ctype_digit($year) ? (int) $year : $year),
        ];
        $modelId = $this->modelId($row['model']);
        $hours = str_replace(',', '.', $row['hours'] ?? '');
        $hours = $hours === '' ? null : $hours;
        $this->cells->read('AddMachine', ['model_id' => $modelId, 'hours' => $hours] + $plate);
        $year = $plate['year'] === null ? null : (int) $plate['year'];
        $this->keep->add($modelId, ['year' => $year] + $plate, $hours, $by);
    }

    public function rows(): iterable
    {
        $fleet = Machine::query()->with(['place', 'state'])->whereNull('left_at')->orderBy('fleet_number');
        foreach ($fleet->lazy(500) as $machine) {
            yield [
                $machine->fleet_number,
                $machine->model_id,
                $machine->serial,
                $machine->presentBay(),
                $machine->year,
                $machine->state?->smr_hours,
            ];
        }
    }

    private function modelId(string $named): string
    {
        $models = $this->shelf->current()->models;
        foreach ($models as $model) {
            if (mb_strtolower("{$model->maker} {$model->name}") === mb_strtolower($named)) {
                return $model->id;
            }
        }

        return $named;
    }
}
