<?php

declare(strict_types=1);

namespace App\Tables;

/**
 * Rows of cells as text, in and out.
 *
 * Source: RFC 4180 for the commas, the quotes and the line ends; a semicolon between the cells is read as well, as
 * spreadsheets of some countries write it, and so are the three bytes with which some mark their UTF-8.
 */
final class CsvText
{
    /** What a spreadsheet takes for the beginning of a formula. */
    private const FORMULA = '/^[=+\-@\t\r]/';

    /** @return array<int, list<string>> the cells by row, counted from one */
    public static function cells(string $text): array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $first = strtok($text, "\n") ?: '';
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $file = fopen('php://memory', 'w+') ?: throw new \RuntimeException('No memory for a table.');
        fwrite($file, $text);
        rewind($file);
        $rows = [];
        for ($number = 1; ($cells = fgetcsv($file, null, $separator, '"', '')) !== false; $number++) {
            $rows[$number] = array_map(self::withoutMark(...), array_map(strval(...), $cells));
        }

        return $rows;
    }

    /** @param  iterable<list<string|int|null>>  $rows */
    public static function of(iterable $rows): string
    {
        $file = fopen('php://memory', 'w+') ?: throw new \RuntimeException('No memory for a table.');
        foreach ($rows as $cells) {
            fputcsv($file, array_map(self::noFormula(...), $cells), escape: '', eol: "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** A cell that a spreadsheet would work out is marked as text; figures are left as they are. */
    private static function noFormula(string|int|null $cell): string
    {
        return preg_match(self::FORMULA, (string) $cell) === 1 && ! is_numeric($cell) ? "'{$cell}" : (string) $cell;
    }

    private static function withoutMark(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(
            self::FORMULA,
            substr($cell, 1),
        ) === 1 ? substr($cell, 1) : $cell;
    }
}
