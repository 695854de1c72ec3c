<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\HourMeterOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\ServiceDoneJudgement;
use App\Ledger\PastDay;
use App\Ledger\Payloads\ServiceDonePayload;
use App\Ledger\ProgrammeOfModel;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\ServiceRecord;
use App\Models\User;
use App\Presenters\WrittenDate;
use App\Words;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\DueAt;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Service\WorkDone;

/**
 * Somebody did a service point, today or on a day that is past.
 *
 * @implements EntryOfMachine<ServiceDonePayload>
 */
final readonly class ServiceDone implements EntryOfMachine
{
    public function __construct(
        private ProgrammeOfModel $programme,
        private HourMeterOfMachine $meter,
        private PastDay $pastDay,
        private CurrentYard $yard,
    ) {
    }

    public static function name(): string
    {
        return 'service.done';
    }

    public static function payload(): string
    {
        return ServiceDonePayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->repairs();
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $said = $entry->payload;
        $machine = $context->machine->loadMissing('state');
        $programme = $this->programme->of($machine->model_id);
        $point = $programme->points[$said->point] ?? throw ApiProblem::because(
            ProblemName::NoSuchServicePoint,
            422,
            ['number' => $machine->fleet_number],
            ['point' => [Words::say('problems.no_such_service_point.title')]],
        );
        $at = $this->pastDay->noonOf($said->on, $entry->recordedAt);
        $this->mustNotBeRecorded($machine->id, $point, $at);
        // On hire the hirer's people did it, and the yard hears of it afterwards: for a day that is past.
        $isAway = in_array($machine->state?->standing, [MachineStanding::Out, MachineStanding::Gone], true);
        if ($said->on === null && $isAway) {
            throw ApiProblem::because(ProblemName::NotInTheYard, 409, ['number' => $machine->fleet_number]);
        }
        $hours = $this->hours($context, $said, $point->meter, $at);
        $work = ServiceRecord::ofMachine($machine->id)->map(static fn (ServiceRecord $one): WorkDone => $one->work());
        $last = $programme->last(array_values($work->all()))[$point->id] ?? null;

        return ServiceDoneJudgement::of(
            $point->name,
            $this->yard->dayOf($at)->text(),
            $hours === null ? null : (string) $hours->decimal(1, RoundingMode::HALF_UP),
            $last === null ? null : DueAt::after($point, $last),
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = ServiceDonePayload::read($entry->payload());
        $judgement = ServiceDoneJudgement::read($entry->judgement());
        ServiceRecord::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machineId(),
            'point' => $payload->point,
            'done_on' => $judgement->on,
            'done_at' => $this->pastDay->noonOf($payload->on, $entry->recorded_at->toImmutable()),
            'hours_in_all' => $judgement->hours,
            'was_due_at' => $judgement->wasDueAt,
            'was_due_on' => $judgement->wasDueOn,
            'words' => $payload->words,
            'actor_id' => $entry->actor_id,
        ]);
    }

    /** Two people who do the same service, or one who tells it twice: the second one hears of the first. */
    private function mustNotBeRecorded(string $machineId, ServicePoint $point, CarbonImmutable $at): void
    {
        $before = ServiceRecord::query()->with('actor')->where('machine_id', $machineId)->where('point', $point->id)
            ->where('done_on', $this->yard->dayOf($at)->text())->first();
        if ($before !== null) {
            throw ApiProblem::because(ProblemName::ServiceIsRecorded, 409, [
                'point' => $point->name,
                'name' => $before->actor->name,
                'day' => WrittenDate::ifDay(substr($before->done_on, 0, 10)),
            ]);
        }
    }

    /** Hours in all at which it was done: as told, never more than the machine can have run by then. */
    private function hours(
        MachineContext $context,
        ServiceDonePayload $said,
        Meter $meter,
        CarbonImmutable $at,
    ): ?Quantity {
        $known = $this->meter->inAllBy($context->machine, $meter);
        if ($said->hours === null) {
            return $said->on === null ? $known : null;
        }
        $hours = Quantity::of($said->hours, Unit::Hour);
        [, $read] = $meter === Meter::Main
            ? [null, $context->machine->state?->smr_at]
            : $this->meter->lastBefore($context->machine->id, null, $meter);
        if ($known === null || $read === null) {
            return $hours;
        }
        $most = $known->plus(Quantity::of(max(0, (int) $read->diffInSeconds($at)), Unit::Second)->in(Unit::Hour));

        return $hours->isGreaterThan($most) ? throw ApiProblem::because(
            ProblemName::TooManyHours,
            422,
            ['hours' => $hours->text(), 'known' => (string) $known->decimal(1, RoundingMode::HALF_UP)],
            ['hours' => [Words::say('problems.too_many_hours.title')]],
        ) : $hours;
    }
}
