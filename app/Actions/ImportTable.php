<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Models\User;
use App\Tables\CsvText;
use App\Tables\OfficeTable;
use App\Tables\TableHead;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Refusal;

/**
 * Takes a table row by row, each as it would be taken by itself, and says of every row what became of it.
 *
 * @phpstan-type Row array{row: int, name: string, outcome: 'taken'|'refused'|'held_back', words: string, field: array<string, list<string>>}
 */
final readonly class ImportTable
{
    /**
     * @param array<string, int>|null $places of our columns in the file, from 1; nothing where its headings say so
     * @return array{rows: list<Row>, mend: string|null} and those that were refused as a table to be mended
     *
     * @throws ApiProblem where the table has no head line, or lacks a column
     */
    public function __invoke(OfficeTable $table, string $csv, ImportMode $mode, User $by, ?array $places = null): array
    {
        $cells = CsvText::cells($csv);
        $headings = $cells[1] ?? [];
        $head = $places === null
            ? TableHead::byName($table, $headings)
            : TableHead::asSaid($table, $headings, $places);
        $rows = [];
        DB::beginTransaction();
        try {
            foreach (array_slice($cells, 1, preserve_keys: true) as $number => $line) {
                if (trim(implode('', $line)) !== '') {
                    $rows[] = $this->row($table, $number, $head->named($line), $by);
                }
            }
            $refused = array_filter($rows, static fn (array $row): bool => $row['outcome'] === 'refused');
            $isKept = $mode === ImportMode::EachRow || ($mode === ImportMode::AllOrNothing && $refused === []);
            $isKept ? DB::commit() : DB::rollBack();
        } catch (\Throwable $fault) {
            DB::rollBack();
            throw $fault;
        }
        if ($rows === []) {
            throw ApiProblem::because(ProblemName::TableIsEmpty, 422, [], ['csv' => ['0']]);
        }
        $told = $isKept ? $rows : array_map(
            static fn (array $row): array => [
                'outcome' => $row['outcome'] === 'taken' ? 'held_back' : $row['outcome'],
            ] + $row,
            $rows,
        );

        return ['rows' => $told, 'mend' => $refused === [] ? null : $this->mend($head, $cells, $refused)];
    }

    /**
     * @param array<string, string> $row
     * @return Row
     */
    private function row(OfficeTable $table, int $number, array $row, User $by): array
    {
        $name = $row[$table->columns()[0]] ?? '';
        try {
            // A savepoint: what a refused row had begun to write is taken back, the others stay.
            DB::transaction(static fn () => $table->take($row, $by));
        } catch (ApiProblem $refused) {
            return self::refused($number, $name, $refused->problem);
        } catch (Refusal $refused) {
            return self::refused($number, $name, Problem::ofRule($refused));
        }

        return ['row' => $number, 'name' => $name, 'outcome' => 'taken', 'words' => '', 'field' => []];
    }

    /** @return Row */
    private static function refused(int $number, string $name, Problem $problem): array
    {
        $words = $problem->field === [] ? $problem->detail : implode(
            ' ',
            array_unique(array_merge(...array_values($problem->field))),
        );

        return [
            'row' => $number,
            'name' => mb_substr($name, 0, 120),
            'outcome' => 'refused',
            'words' => $words,
            'field' => $problem->field,
        ];
    }

    /**
     * @param array<int, list<string>> $cells
     * @param array<int, Row> $refused
     */
    private function mend(TableHead $head, array $cells, array $refused): string
    {
        $kept = $head->columns;
        $lines = [[...array_values($kept), TableHead::WHAT_IS_WRONG]];
        foreach ($refused as $row) {
            $lines[] = [
                ...array_map(static fn (int $at): string => $cells[$row['row']][$at] ?? '', array_keys($kept)),
                $row['words'],
            ];
        }

        return CsvText::of($lines);
    }
}
