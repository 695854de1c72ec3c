<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\HourMeterOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\MeterReplacedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\MeterReplacedPayload;
use App\Ledger\PlaceFinding;
use App\Models\LedgerEntry;
use App\Models\MeterChange;
use App\Models\User;
use App\Words;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Reading\Counted\HourMeterReading;
use JadeLedger\Core\Reading\Counted\MeterReplacement;
use JadeLedger\Core\Reading\Counted\OldMeterContradicted;

/**
 * The hour meter of a machine gave way to another one.
 *
 * @implements EntryOfMachine<MeterReplacedPayload>
 */
final readonly class MeterReplaced implements EntryOfMachine
{
    public function __construct(private HourMeterOfMachine $meter)
    {
    }

    public static function name(): string
    {
        return 'meter.replaced';
    }

    public static function payload(): string
    {
        return MeterReplacedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->repairs();
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $said = $entry->payload;
        PlaceFinding::photosMustBeHere([$said->photo]);
        $limits = $this->meter->limits($context->machine, $said->meter);
        $history = $this->meter->history($context->machine->id, $entry->recordedAt, $said->meter);
        $since = $history->elapsed === null
            ? $entry->recordedAt
            : $entry->recordedAt->subSeconds($history->elapsed->decimal(0, RoundingMode::DOWN)->toInt());
        $began = HourMeterOfMachine::onTheScale('began', $said->began, $limits);
        if ($said->removed === null) {
            return MeterReplacedJudgement::of(MeterReplacement::unreadable($history->last, $began), $since);
        }
        $removed = HourMeterOfMachine::onTheScale('removed', $said->removed, $limits);
        try {
            return MeterReplacedJudgement::of(
                MeterReplacement::read(new HourMeterReading($limits, $history), $removed, $began),
                $since,
            );
        } catch (OldMeterContradicted) {
            throw ApiProblem::because(
                ProblemName::OldMeterContradicted,
                422,
                ['last' => $history->last?->text() ?? ''],
                ['removed' => [Words::say('problems.old_meter_contradicted.title')]],
            );
        }
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = MeterReplacedPayload::read($entry->payload());
        $judgement = MeterReplacedJudgement::read($entry->judgement());
        MeterChange::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machineId(),
            'meter' => $payload->meter,
            'counted_to' => $judgement->countedTo->text(),
            'began' => $payload->began,
            'offset_hours' => $judgement->offset->text(),
            'since' => $judgement->since,
            'at' => $entry->recorded_at,
        ]);
        $this->meter->keepLast($entry->machineId());
    }
}
