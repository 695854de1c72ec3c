<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Hires\BookedOver;
use App\Hires\ContestedHires;
use App\Hires\MustNotConflict;
use App\Hires\WantedHire;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Hire\HirePeriod;

/** Other times, another contact, another machine, or not at all. What was before stands in the audit trail. */
final readonly class ChangeHire
{
    /** In these nothing but the return can still be changed. */
    private const UNDER_WAY = [HireStatus::Out, HireStatus::Gone, HireStatus::WalkingIn];

    private const OVER = [HireStatus::Returned, HireStatus::Closed, HireStatus::Cancelled];

    public function __construct(
        private MustNotConflict $mustNotConflict,
        private ContestedHires $contested,
        private WriteAudit $audit,
    ) {
    }

    /** @throws ApiProblem */
    public function details(Hire $hire, WantedHire $wanted, User $by): void
    {
        DB::transaction(function () use ($hire, $wanted, $by): void {
            $standing = $this->held($hire, $by)->standing();
            $hasGone = in_array($standing, self::UNDER_WAY, true);
            $isEarlier = $wanted->period->from->getTimestamp() !== $hire->goes_out_at->getTimestamp();
            if (in_array($standing, self::OVER, true) || ($hasGone && $isEarlier)) {
                throw ApiProblem::because(ProblemName::HireHasBegun, 409, ['folio' => $hire->folio]);
            }
            // What went out needs no time before it any more.
            $knowing = $hasGone ? [...$wanted->knowing, 'no_time_to_walk'] : $wanted->knowing;
            ($this->mustNotConflict)($hire->machine_id, $wanted->period, BookedOver::knowing($knowing), $hire);
            $before = self::times($hire);
            $hire->update($wanted->columns());
            ($this->audit)(AuditKind::HireChanged, $by, (string) $hire->folio, $before, $wanted->record());
        }, 3);
    }

    /**
     * @param list<string> $knowing
     *
     * @throws ApiProblem where a walk of it has begun: what was entered there is of the first machine
     */
    public function machine(Hire $hire, string $machineId, string $why, array $knowing, User $by): void
    {
        DB::transaction(function () use ($hire, $machineId, $why, $knowing, $by): void {
            $this->mustBeBooked($this->held($hire, $by));
            $before = $hire->machine->fleet_number;
            $period = HirePeriod::between(
                $hire->goes_out_at->toDateTimeImmutable(),
                $hire->comes_back_at->toDateTimeImmutable(),
            );
            $machine = ($this->mustNotConflict)($machineId, $period, BookedOver::knowing($knowing), $hire);
            $hire->update(['machine_id' => $machine->id]);
            $hire->setRelation('machine', $machine);
            ($this->audit)(AuditKind::MachineSwapped, $by, (string) $hire->folio, ['machine' => $before], [
                'machine' => $machine->fleet_number, 'why' => $why,
            ]);
        }, 3);
    }

    /** @throws ApiProblem */
    public function cancel(Hire $hire, string $why, User $by): void
    {
        DB::transaction(function () use ($hire, $why, $by): void {
            $this->mustBeBooked($this->held($hire, $by));
            $hire->update(['cancelled_at' => CarbonImmutable::now(), 'cancelled_why' => $why]);
            ($this->audit)(AuditKind::HireCancelled, $by, (string) $hire->folio, self::times($hire), ['why' => $why]);
        }, 3);
    }

    /** @throws ApiProblem where only the lead may change it: who of two keeps the machine is theirs to say */
    private function held(Hire $hire, User $by): Hire
    {
        Hire::query()->whereKey($hire->id)->lockForUpdate()->firstOrFail();
        $others = $by->role === Role::Lead ? [] : $this->contested->with($hire->id);
        if ($others !== []) {
            throw ApiProblem::because(ProblemName::HireIsContested, 403, [
                'number' => $hire->machine->fleet_number, 'folios' => implode(', ', $others),
            ]);
        }

        return $hire->refresh();
    }

    private function mustBeBooked(Hire $hire): void
    {
        if ($hire->standing() !== HireStatus::Booked || $hire->walks()->exists()) {
            throw ApiProblem::because(ProblemName::HireHasBegun, 409, ['folio' => $hire->folio]);
        }
    }

    /** @return array<string, string> */
    private static function times(Hire $hire): array
    {
        return [
            'machine' => $hire->machine->fleet_number,
            'goes_out_at' => $hire->goes_out_at->utc()->format('Y-m-d\TH:i:s\Z'),
            'comes_back_at' => $hire->comes_back_at->utc()->format('Y-m-d\TH:i:s\Z'),
        ];
    }
}
