<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Finding;
use App\Words;

final class FindingOfMachine
{
    public static function find(string $id, string $machineId): Finding
    {
        return Finding::query()->where('machine_id', $machineId)->where('is_struck', false)->find($id) ??
            throw ApiProblem::because(
                ProblemName::NoSuchFinding,
                422,
                [],
                ['finding' => [Words::say('problems.no_such_finding.title')]],
            );
    }
}
