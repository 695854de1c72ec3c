<?php

declare(strict_types=1);

namespace App\Tables;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Models\Language;
use App\Words;

/** Which column of a file is which of ours: by its name, by its label in a language of ours, or as somebody said. */
final readonly class TableHead
{
    /** The column in which a table that comes back says what was wrong; it is not read again. */
    public const WHAT_IS_WRONG = 'what_is_wrong';

    /**
     * @param list<string> $headings as they stand in the file
     * @param array<int, string> $columns ours by their place in the file, from 0
     */
    private function __construct(private array $headings, public array $columns)
    {
    }

    /**
     * @param list<string> $headings
     *
     * @throws ApiProblem where one that is needed is missing, or one would be dropped that nobody has looked at
     */
    public static function byName(OfficeTable $table, array $headings): self
    {
        $columns = [];
        foreach ($headings as $at => $heading) {
            $column = self::columnOf($table, $heading);
            if ($column !== null && ! in_array($column, $columns, true)) {
                $columns[$at] = $column;
            }
        }
        $head = new self($headings, $columns);
        $head->mustHave($table);
        $strange = array_filter(
            array_diff_key($headings, $columns),
            static fn (string $heading): bool => ! in_array(
                self::plain($heading),
                [self::plain(self::WHAT_IS_WRONG), ''],
                true,
            ),
        );
        if ($strange !== []) {
            throw $head->problem($table, ProblemName::TableHasStrangeColumns, array_values($strange));
        }

        return $head;
    }

    /**
     * @param list<string> $headings
     * @param array<string, int> $places of our columns in the file, from 1; a column that is not named is left out
     *
     * @throws ApiProblem where one that is needed is missing, the file has no such place, or two are said to be at one
     */
    public static function asSaid(OfficeTable $table, array $headings, array $places): self
    {
        $columns = [];
        foreach ($places as $column => $place) {
            $isThere = in_array($column, $table->columns(), true) && array_key_exists($place - 1, $headings);
            if (! $isThere || isset($columns[$place - 1])) {
                throw (new self($headings, []))->problem($table, ProblemName::TableHasNoSuchColumn, [$column]);
            }
            $columns[$place - 1] = $column;
        }
        ksort($columns);
        $head = new self($headings, $columns);
        $head->mustHave($table);

        return $head;
    }

    /**
     * @param list<string> $line
     * @return array<string, string> by our columns
     */
    public function named(array $line): array
    {
        return array_map(
            static fn (int $at): string => trim($line[$at] ?? ''),
            array_flip($this->columns),
        );
    }

    /** @throws ApiProblem */
    private function mustHave(OfficeTable $table): void
    {
        $missing = array_values(array_diff($table->needed(), $this->columns));
        if ($missing !== []) {
            throw $this->problem($table, ProblemName::TableLacksColumns, $missing);
        }
    }

    /** @param  list<string>  $columns */
    private function problem(OfficeTable $table, ProblemName $name, array $columns): ApiProblem
    {
        $places = array_flip($this->columns);
        $named = Problem::named($name, 422, ['columns' => implode(', ', $columns)]);

        return new ApiProblem(new Problem(
            $named->type,
            $named->title,
            422,
            $named->detail,
            ['csv' => [implode(', ', $columns)]],
            ['table' => [
                'headings' => $this->headings,
                'columns' => array_map(static fn (string $column): array => [
                    'name' => $column,
                    'label' => Words::say("words.column.{$column}"),
                    'is_needed' => in_array($column, $table->needed(), true),
                    'place' => isset($places[$column]) ? $places[$column] + 1 : null,
                ], $table->columns()),
            ]],
        ));
    }

    private static function columnOf(OfficeTable $table, string $heading): ?string
    {
        $plain = self::plain($heading);
        foreach ($table->columns() as $column) {
            $labels = array_filter(array_map(
                static fn (Language $language): mixed => trans("words.column.{$column}", locale: $language->value),
                Language::cases(),
            ), is_string(...));
            if (in_array($plain, array_map(self::plain(...), [$column, ...array_values($labels)]), true)) {
                return $column;
            }
        }

        return null;
    }

    /** Letters and digits only, so that "Fleet number" is fleet_number. */
    private static function plain(string $heading): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($heading));
    }
}
