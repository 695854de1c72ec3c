<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalogue\ModelSheet;
use App\Catalogue\ModelTable;
use App\Models\User;
use App\Words;
use Illuminate\Support\Facades\DB;

/**
 * Takes models from a table and says of every row what became of it.
 *
 * @phpstan-type Row array{row: int, model: string, outcome: 'taken'|'refused'|'held_back', model_id: string|null, field: array<string, list<string>>}
 */
final readonly class ImportModels
{
    public function __construct(private SaveModel $keep)
    {
    }

    /** @return list<Row> */
    public function __invoke(string $csv, ImportMode $mode, User $user): array
    {
        $sheets = ModelTable::read($csv);

        return DB::transaction(function () use ($sheets, $mode, $user): array {
            $faults = $this->faults($sheets);
            $takes = $mode === ImportMode::EachRow || array_filter($faults) === [];
            $rows = [];
            foreach ($sheets as $number => $sheet) {
                $isGood = $faults[$number] === [];
                $rows[] = [
                    'row' => $number,
                    'model' => trim("{$sheet->maker} {$sheet->name}"),
                    'outcome' => match (true) {
                        ! $isGood => 'refused',
                        $takes => 'taken',
                        default => 'held_back',
                    },
                    'model_id' => $isGood && $takes ? $this->keep->asNew($sheet, $user) : null,
                    'field' => $faults[$number],
                ];
            }

            return $rows;
        });
    }

    /**
     * @param array<int, ModelSheet> $sheets
     * @return array<int, array<string, list<string>>> by row
     */
    private function faults(array $sheets): array
    {
        $seen = [];
        $faults = [];
        foreach ($sheets as $number => $sheet) {
            $before = $seen[$sheet->id()] ?? null;
            $faults[$number] =
                $before === null
                    ? $this->keep->faultsOfNew($sheet)
                    : ['name' => [Words::say('models.twice_in_the_table', ['row' => $before])]];
            $seen[$sheet->id()] ??= $number;
        }

        return $faults;
    }
}
