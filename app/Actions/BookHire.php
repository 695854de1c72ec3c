<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Hires\MustNotConflict;
use App\Hires\NextFolio;
use App\Hires\WantedHire;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Books a machine for a hirer, under the next folio of the yard. */
final readonly class BookHire
{
    public function __construct(
        private MustNotConflict $mustNotConflict,
        private NextFolio $nextFolio,
        private WriteAudit $audit,
    ) {
    }

    /** @throws ApiProblem where something is in the way */
    public function __invoke(
        string $machineId,
        Customer $hirer,
        WantedHire $wanted,
        User $by,
        ?string $id = null,
    ): Hire {
        return DB::transaction(function () use ($machineId, $hirer, $wanted, $by, $id): Hire {
            // What a tablet kept comes again where the answer to it was lost.
            $before = $id === null ? null : Hire::query()->find($id);
            if ($before !== null) {
                return $before->machine_id === $machineId && $before->customer_id === $hirer->id
                    ? $before
                    : throw ApiProblem::because(ProblemName::IdAlreadyUsed, 409, ['id' => $before->id]);
            }
            $machine = ($this->mustNotConflict)($machineId, $wanted->period, $wanted->over());
            $hire = new Hire();
            $hire->forceFill(array_filter(['id' => $id]) + [
                'folio' => ($this->nextFolio)(),
                'machine_id' => $machine->id,
                'customer_id' => $hirer->id,
            ] + $wanted->columns() + ['out_of_reach_at' => $wanted->outOfReachAt])->save();
            ($this->audit)(AuditKind::HireBooked, $by, (string) $hire->folio, after: [
                'machine' => $machine->fleet_number, 'hirer' => $hirer->name,
            ] + $wanted->record());

            return $hire;
        }, 3);
    }
}
