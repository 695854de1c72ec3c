<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Tables\CsvText;

/** Models as rows of a table, in and out. */
final class ModelTable
{
    private const PLAIN = ['family', 'maker', 'name', 'describes', 'mass_kg', 'features', 'source'];

    /**
     * @return array<int, ModelSheet> by the number of the row, the head line being the first
     *
     * @throws ApiProblem when there is no head line, or it lacks a column, or has one that nothing reads
     */
    public static function read(string $text): array
    {
        $rows = CsvText::cells($text);
        $head = array_map(trim(...), $rows[1] ?? []);
        $missing = array_diff(self::PLAIN, $head);
        if ($missing !== []) {
            throw ApiProblem::because(
                ProblemName::TableLacksColumns,
                422,
                ['columns' => implode(', ', $missing)],
                ['csv' => [implode(', ', $missing)]],
            );
        }
        $strange = array_filter(
            array_diff($head, self::PLAIN),
            static fn (string $name): bool => preg_match('/^[a-z0-9_]+(\.[a-z_]+)+$/', $name) !== 1,
        );
        if ($strange !== []) {
            throw ApiProblem::because(
                ProblemName::TableHasStrangeColumns,
                422,
                ['columns' => implode(', ', $strange)],
                ['csv' => [implode(', ', $strange)]],
            );
        }
        $sheets = [];
        foreach (array_slice($rows, 1, preserve_keys: true) as $number => $cells) {
            if (trim(implode('', $cells)) !== '') {
                $sheets[$number] = self::sheet($head, $cells);
            }
        }

        return $sheets === []
            ? throw ApiProblem::because(ProblemName::TableIsEmpty, 422, [], ['csv' => ['0']])
            : $sheets;
    }

    /** @param  list<ModelSheet>  $sheets */
    public static function write(array $sheets): string
    {
        $columns = array_values(
            array_unique(
                array_merge(...array_map(static fn (ModelSheet $sheet): array => array_keys($sheet->limits), $sheets)),
            ),
        );
        sort($columns);
        $rows = array_map(static fn (ModelSheet $sheet): array => [
            $sheet->family, $sheet->maker, $sheet->name, $sheet->describes, $sheet->massKilograms,
            implode(' ', $sheet->features), $sheet->source,
            ...array_map(static fn (string $column): string => $sheet->limits[$column] ?? '', $columns),
        ], $sheets);

        return CsvText::of([[...self::PLAIN, ...$columns], ...$rows]);
    }

    /**
     * @param list<string> $head
     * @param list<string> $cells
     */
    private static function sheet(array $head, array $cells): ModelSheet
    {
        $row = [];
        foreach ($head as $at => $column) {
            $row[$column] = trim($cells[$at] ?? '');
        }
        // A cell beyond the head line is not thrown away in silence: it is a figure that nothing asks for.
        foreach (array_slice($cells, count($head), preserve_keys: true) as $at => $cell) {
            $row += trim($cell) === '' ? [] : ['column '.($at + 1) => trim($cell)];
        }
        $features = preg_split('/[\s;,]+/', $row['features'], flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return new ModelSheet(
            $row['family'],
            $row['maker'],
            $row['name'],
            $row['describes'],
            $row['mass_kg'],
            $features,
            $row['source'],
            array_diff_key($row, array_flip(self::PLAIN)),
        );
    }
}
