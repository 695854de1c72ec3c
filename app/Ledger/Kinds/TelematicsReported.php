<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\TelematicsReportedJudgement;
use App\Ledger\Payloads\TelematicsReportedPayload;
use App\Ledger\PostedBySystem;
use App\Ledger\SystemPart;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Models\TelematicsReport;
use App\Models\User;
use Brick\Math\RoundingMode;
use Carbon\CarbonInterface;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Telematics\JudgeReport;
use JadeLedger\Core\Telematics\TimedHours;

/**
 * A machine reported its hours. Where it ran and neither a walk, a move nor a hire says why, it is no longer as it was
 * looked at.
 *
 * @implements EntryOfMachine<TelematicsReportedPayload>
 */
final class TelematicsReported implements EntryOfMachine, PostedBySystem
{
    /** Counters are sent rounded. Common practice, no source. */
    private const RAN_HOURS = '0.1';

    private const STANDS = [MachineStanding::InYard, MachineStanding::Held, MachineStanding::Ready];

    public static function name(): string
    {
        return 'telematics.reported';
    }

    public static function payload(): string
    {
        return TelematicsReportedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return false;
    }

    public function mayBePostedBySystem(SystemPart $part): bool
    {
        return $part === SystemPart::Telematics;
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $last = TelematicsReport::lastOf($context->machine->id);
        $said = new TimedHours(
            Quantity::of($entry->payload->hours, Unit::Hour),
            $entry->payload->at->toDateTimeImmutable(),
        );
        $ran = (new JudgeReport($last?->timed(), $entry->recordedAt->toDateTimeImmutable()))->judge($said)->ran
            ?? throw ApiProblem::because(ProblemName::MeterContradicts, 422);
        $isLong = $ran->isGreaterThan(Quantity::of(self::RAN_HOURS, Unit::Hour));

        return new TelematicsReportedJudgement(
            (string) $ran->decimal(4, RoundingMode::HALF_UP),
            $isLong && $last !== null && $this->stoodSince($context->machine, $last->at),
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = TelematicsReportedPayload::read($entry->payload());
        $judgement = TelematicsReportedJudgement::read($entry->judgement());
        TelematicsReport::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machineId(),
            'at' => $payload->at,
            'hours' => $payload->hours,
            'ran_hours' => $judgement->ran,
            'ran_in_the_yard' => $judgement->inTheYard,
        ]);
    }

    /** Whether it is in the yard, and nothing was written of it since by which somebody would have started it. */
    private function stoodSince(Machine $machine, CarbonInterface $since): bool
    {
        return in_array($machine->loadMissing('state')->state?->standing, self::STANDS, true)
            && ! LedgerEntry::query()->where('machine_id', $machine->id)
                ->where('recorded_at', '>', $since->format('Y-m-d H:i:s.u'))
                ->where(static fn ($query) => $query->whereNotNull('hire_id')->orWhereIn('kind', [
                    MachineMoved::name(), ServiceDone::name(), RepairRecorded::name(),
                ]))
                ->exists();
    }
}
