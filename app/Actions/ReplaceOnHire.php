<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Hires\BookedOver;
use App\Hires\MustNotConflict;
use App\Hires\NextFolio;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Hire\HirePeriod;

/**
 * A machine that is out goes on as another one: the first is due back when the second leaves, and the second has a
 * folio of its own for the rest of the days, with its own walks, hours and signature.
 */
final readonly class ReplaceOnHire
{
    public function __construct(
        private MustNotConflict $mustNotConflict,
        private NextFolio $nextFolio,
        private WriteAudit $audit,
    ) {
    }

    /**
     * @param HirePeriod $period from when the second machine leaves until it comes back
     * @param list<string> $knowing kinds of conflicts of the second machine that were read
     *
     * @throws ApiProblem where the first is not out, was replaced before, or something is in the way of the second
     */
    public function __invoke(
        Hire $hire,
        string $machineId,
        HirePeriod $period,
        string $why,
        array $knowing,
        User $by,
    ): Hire {
        return DB::transaction(function () use ($hire, $machineId, $period, $why, $knowing, $by): Hire {
            Hire::query()->whereKey($hire->id)->lockForUpdate()->firstOrFail();
            $this->mustBeOut($hire->refresh(), $machineId);
            $machine = ($this->mustNotConflict)($machineId, $period, BookedOver::knowing($knowing));
            $next = Hire::query()->create([
                'folio' => ($this->nextFolio)(),
                'machine_id' => $machine->id,
                'customer_id' => $hire->customer_id,
                'in_place_of_id' => $hire->id,
                'goes_out_at' => $period->from,
                'comes_back_at' => $period->until,
                'contact' => $hire->contact,
                'contact_phone' => $hire->contact_phone,
                'site' => $hire->site,
            ]);
            $hire->update(['comes_back_at' => $period->from]);
            ($this->audit)(AuditKind::MachineSwapped, $by, (string) $hire->folio, [
                'machine' => $hire->machine->fleet_number,
            ], ['machine' => $machine->fleet_number, 'folio' => (string) $next->folio, 'why' => $why]);

            return $next;
        }, 3);
    }

    /** @throws ApiProblem */
    private function mustBeOut(Hire $hire, string $machineId): void
    {
        if ($hire->standing() !== HireStatus::Out) {
            throw ApiProblem::because(ProblemName::NotOutYet, 409, ['number' => $hire->machine->fleet_number]);
        }
        if ($hire->machine_id === $machineId) {
            throw ApiProblem::because(ProblemName::SameMachine, 422, ['number' => $hire->machine->fleet_number]);
        }
        $before = $hire->replacement()->first();
        if ($before !== null) {
            throw ApiProblem::because(ProblemName::ReplacedBefore, 409, [
                'folio' => $hire->folio, 'next' => $before->folio,
            ]);
        }
    }
}
