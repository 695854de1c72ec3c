<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\HourMeterOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\MeterReadJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\PastDay;
use App\Ledger\Payloads\MeterReadPayload;
use App\Models\LedgerEntry;
use App\Models\MeterReadingRecord;
use App\Models\Role;
use App\Models\User;
use App\Presenters\PresentPhrase;
use App\Words;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterReading;
use JadeLedger\Core\Verdict\Outcome;

/**
 * The hour meter of a machine was read beside a walk: when the machine came to the yard, in its bay, or long ago, from
 * the papers of a machine that was bought used.
 *
 * @implements EntryOfMachine<MeterReadPayload>
 */
final readonly class MeterRead implements EntryOfMachine
{
    public function __construct(private HourMeterOfMachine $meter, private PastDay $pastDay)
    {
    }

    public static function name(): string
    {
        return 'meter.read';
    }

    public static function payload(): string
    {
        return MeterReadPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->repairs() || $user->role === Role::Counter;
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $said = $entry->payload;
        $limits = $this->meter->limits($context->machine, $said->meter);
        $hours = HourMeterOfMachine::onTheScale('hours', $said->hours, $limits);
        $at = $this->pastDay->noonOf($said->on, $entry->recordedAt);
        $before = $this->meter->historyBefore($context->machine->id, $at, $said->meter);
        $verdict = (new HourMeterReading($limits, $before))->judge($hours);
        if ($verdict->isDisputed) {
            throw self::contradicts(PresentPhrase::sentence([
                'key' => $verdict->reason->key,
                'figures' => $verdict->reason->figures,
            ]));
        }
        $this->mustFitWhatCameAfter($context, $said->meter, $hours, $at);

        return new MeterReadJudgement($at);
    }

    public function project(LedgerEntry $entry): void
    {
        MeterReadingRecord::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machineId(),
            'meter' => MeterReadPayload::read($entry->payload())->meter,
            'hours' => MeterReadPayload::read($entry->payload())->hours,
            'at' => MeterReadJudgement::read($entry->judgement())->at,
            'actor_id' => $entry->actor_id,
        ]);
        $this->meter->keepLast($entry->machineId());
    }

    /** A figure of a day that is past has to be one from which the next known one can have been reached. */
    private function mustFitWhatCameAfter(
        MachineContext $context,
        Meter $meter,
        Quantity $hours,
        CarbonImmutable $at,
    ): void {
        $next = $this->meter->firstAfter($context->machine->id, $at, $meter);
        if ($next === null || $this->meter->wasChangedAfter($context->machine->id, $at, $meter)) {
            return;
        }
        [$shows, $readAt] = $next;
        $limits = $this->meter->limits($context->machine, $meter);
        $history = MeterHistory::of($hours, $at->toDateTimeImmutable(), $readAt->toDateTimeImmutable());
        $then = (new HourMeterReading($limits, $history))->judge(Quantity::of($shows, Unit::Hour));
        if ($then->outcome !== Outcome::Stands) {
            throw self::contradicts(Words::say('problems.meter_contradicts.later', ['hours' => $shows]));
        }
    }

    private static function contradicts(string $why): ApiProblem
    {
        return ApiProblem::because(
            ProblemName::MeterContradicts,
            422,
            ['why' => $why],
            ['hours' => [Words::say('problems.meter_contradicts.title')]],
        );
    }
}
