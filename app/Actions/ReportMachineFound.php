<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Hires\NextFolio;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Ledger\Kinds\MachineFound;
use App\Ledger\RawEntry;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** A machine came back that nobody had out by this record: a folio of its own, out since its last entry here. */
final readonly class ReportMachineFound
{
    private const UNDER_WAY = [
        HireStatus::WalkingOut, HireStatus::Held, HireStatus::Ready, HireStatus::Out, HireStatus::Gone,
        HireStatus::WalkingIn,
    ];

    public function __construct(private PostEntries $post, private NextFolio $nextFolio, private WriteAudit $audit)
    {
    }

    /** @throws ApiProblem where a hire of it is under way, or a stop stands on it */
    public function __invoke(Machine $machine, string $reason, User $by): Hire
    {
        return DB::transaction(function () use ($machine, $reason, $by): Hire {
            Machine::query()->whereKey($machine->id)->lockForUpdate()->firstOrFail();
            $this->mustHaveNoHire($machine);
            $now = CarbonImmutable::now();
            $hire = Hire::query()->create([
                'folio' => ($this->nextFolio)(),
                'machine_id' => $machine->id,
                'customer_id' => Customer::nobody()->id,
                'goes_out_at' => $this->lastSeen($machine, $now),
                'comes_back_at' => $now,
            ]);
            $entry = RawEntry::of(MachineFound::name(), ['reason' => $reason], $now);
            [$result] = ($this->post)($hire, [$entry], Actor::person($by));
            if ($result->problem !== null) {
                throw new ApiProblem($result->problem);
            }
            ($this->audit)(AuditKind::MachineFound, $by, (string) $hire->folio, after: [
                'machine' => $machine->fleet_number, 'why' => $reason,
            ]);

            return $hire->refresh();
        }, 3);
    }

    private function mustHaveNoHire(Machine $machine): void
    {
        $hires = $machine->hires()->with('state')->get();
        $begun = $hires->first(static fn (Hire $hire): bool => in_array($hire->standing(), self::UNDER_WAY, true));
        if ($begun !== null) {
            throw ApiProblem::because(ProblemName::OnAnotherFolio, 409, [
                'number' => $machine->fleet_number, 'folio' => $begun->folio,
            ]);
        }
    }

    /** When the yard last wrote something of it down; a machine of which nothing was written, a minute ago. */
    private function lastSeen(Machine $machine, CarbonImmutable $now): CarbonImmutable
    {
        $last = DB::table('ledger_entries')->where('machine_id', $machine->id)->max('recorded_at');
        $last = is_string($last) ? CarbonImmutable::parse($last, 'UTC') : $now->subMinute();

        return $last->greaterThan($now->subMinute()) ? $now->subMinute() : $last;
    }
}
