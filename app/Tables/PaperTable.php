<?php

declare(strict_types=1);

namespace App\Tables;

use App\Actions\RecordPaper;
use App\Models\Machine;
use App\Models\MachinePaper;
use App\Models\User;

/** The papers of the fleet as a table: of each machine the one of a kind that counts. */
final readonly class PaperTable implements OfficeTable
{
    public function __construct(private RecordPaper $record, private TakesByContract $cells)
    {
    }

    public function columns(): array
    {
        return ['fleet_number', 'paper', 'number', 'issued_on', 'valid_until'];
    }

    public function needed(): array
    {
        return ['fleet_number', 'paper'];
    }

    public function take(array $row, User $by): void
    {
        $paper = $this->cells->read('RecordPaper', [
            'kind' => mb_strtolower($row['paper']),
            'number' => ($row['number'] ?? '') === '' ? null : $row['number'],
            'issued_on' => CellDate::of($row['issued_on'] ?? ''),
            'valid_until' => CellDate::of($row['valid_until'] ?? ''),
        ]);
        ($this->record)($this->cells->machine($row['fleet_number']), $paper, $by);
    }

    public function rows(): iterable
    {
        foreach (Machine::query()->whereNull('left_at')->orderBy('fleet_number')->lazy(500) as $machine) {
            foreach (MachinePaper::ofMachine($machine->id) as $paper) {
                yield [
                    $machine->fleet_number,
                    $paper->kind->value,
                    $paper->number,
                    $paper->issued_on?->format('Y-m-d'),
                    $paper->valid_until?->format('Y-m-d'),
                ];
            }
        }
    }
}
