<?php

declare(strict_types=1);

namespace App\Tables;

use App\Contract\Contract;
use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Models\Machine;

/** What the cells of a row have in common with a request: the contract says what may stand in them. */
final readonly class TakesByContract
{
    public function __construct(private Contract $contract)
    {
    }

    /**
     * @param array<string, mixed> $columns
     *
     * @throws ApiProblem that names the cells
     */
    public function read(string $schema, array $columns): JsonObject
    {
        $faults = $this->contract->faults($schema, (object) $columns);
        if ($faults !== []) {
            throw new ApiProblem(Problem::named(ProblemName::LookAtTheFields, 422, [], $faults));
        }

        return JsonObject::of($columns);
    }

    /** @throws ApiProblem where the fleet has no such number */
    public function machine(string $number): Machine
    {
        return Machine::query()->whereNull('left_at')->where('fleet_number', $number)->first()
            ?? throw ApiProblem::because(ProblemName::UnknownMachine, 422, ['number' => mb_substr($number, 0, 40)]);
    }
}
