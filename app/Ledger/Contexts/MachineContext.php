<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Models\Machine;
use App\Models\MachineStanding;

/** What an entry of a machine is judged against, whether it is on hire or on a walk or neither. */
final readonly class MachineContext
{
    public function __construct(public Machine $machine, public Actor $actor)
    {
    }

    /** @throws ApiProblem when it is on hire, or left for good without being handed over */
    public function mustBeInTheYard(): void
    {
        $machine = $this->machine->loadMissing('state');
        if (in_array($machine->state?->standing, [MachineStanding::Out, MachineStanding::Gone], true)) {
            throw ApiProblem::because(ProblemName::NotInTheYard, 409, ['number' => $machine->fleet_number]);
        }
    }
}
