<?php

declare(strict_types=1);

namespace App\Hires;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Models\Hire;
use App\Models\Machine;
use App\Presenters\PresentConflict;
use JadeLedger\Core\Hire\HireConflict;
use JadeLedger\Core\Hire\HirePeriod;

/** Holds the machine while it is looked at, so that of two who book it at once the second is told. */
final readonly class MustNotConflict
{
    public function __construct(private ConflictsOfHire $conflicts)
    {
    }

    /**
     * Inside a transaction.
     *
     * @throws ApiProblem with every conflict over which it is not booked
     */
    public function __invoke(string $machineId, HirePeriod $wanted, BookedOver $over, ?Hire $itself = null): Machine
    {
        Machine::query()->whereKey($machineId)->lockForUpdate()->firstOrFail();
        $machine = Machine::query()->with('state')->findOrFail($machineId);
        // A write, so that on another node it conflicts with this one too.
        $machine->touch();
        $found = array_values(array_filter(
            $this->conflicts->of($machine, $wanted, $itself),
            static fn (HireConflict $one): bool => ! $over->allows($one->kind),
        ));
        if ($found !== []) {
            $problem = Problem::named(ProblemName::HireConflicts, 409, ['number' => $machine->fleet_number]);
            $told = array_map(PresentConflict::of(...), $found);

            throw new ApiProblem(new Problem(
                $problem->type,
                $problem->title,
                409,
                implode(' ', array_column($told, 'words')),
                [],
                ['conflicts' => $told],
            ));
        }

        return $machine;
    }
}
