<?php

declare(strict_types=1);

namespace App\Tables;

use App\Http\Problems\ApiProblem;
use App\Models\User;

/** Something that the office has as a table elsewhere, and wants here. */
interface OfficeTable
{
    /** @return list<string> the head line */
    public function columns(): array;

    /** @return list<string> those without which no row can be taken */
    public function needed(): array;

    /**
     * Takes one row, as it would be taken by itself.
     *
     * @param array<string, string> $row by column
     *
     * @throws ApiProblem
     */
    public function take(array $row, User $by): void;

    /** @return iterable<list<string|int|null>> what is there, a row each, in the order of the columns */
    public function rows(): iterable;
}
