<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\HourMeterOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\JudgeReadingOfWalk;
use App\Ledger\Payloads\ReadingPostedPayload;
use App\Ledger\UpdateWalkLine;
use App\Models\LedgerEntry;
use App\Models\MachineStatus;
use App\Models\Photo;
use App\Models\Reading;
use App\Models\User;
use App\Models\Walk;
use App\Words;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * An instrument was read.
 *
 * @implements AnswersALine<ReadingPostedPayload>
 */
final readonly class ReadingPosted implements AnswersALine
{
    public function __construct(
        private JudgeReadingOfWalk $judge,
        private UpdateWalkLine $lines,
        private HourMeterOfMachine $meter,
    ) {
    }

    public static function name(): string
    {
        return 'reading.posted';
    }

    public static function payload(): string
    {
        return ReadingPostedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): AnswerJudgement
    {
        $judgement = ($this->judge)($entry->payload, $context, $entry->recordedAt);
        $photo = $entry->payload->photo;
        $lacksReason = mb_strlen($entry->payload->reason) < 3;
        if ($photo !== null && ! Photo::query()->whereKey($photo)->exists()) {
            throw ApiProblem::because(
                ProblemName::PhotoNotHere,
                422,
                [],
                ['photo' => [Words::say('problems.photo_not_here.title')]],
            );
        }
        if ($judgement->isValid && $judgement->verdict->isDisputed && ($photo === null || $lacksReason)) {
            throw ApiProblem::because(ProblemName::MeterNeedsConfirming, 422, [], array_filter([
                'photo' => $photo === null ? [Words::say('problems.meter_needs_confirming.photo')] : [],
                'reason' => $lacksReason ? [Words::say('problems.meter_needs_confirming.reason')] : [],
            ]));
        }

        $figure = $this->judge->judgedFigure($entry->payload, $context);

        return AnswerJudgement::of($judgement)->ofReading(
            $context->line($entry->payload->line)->check->answer,
            $entry->payload->value === null ? $figure : null,
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = ReadingPostedPayload::read($entry->payload());
        $judgement = AnswerJudgement::read($entry->judgement());
        // Of several points the worst one counts; which one that is was judged when it was posted.
        $value = $judgement->figure ?? Quantity::of((string) $payload->value, Unit::named($payload->unit));
        $unit = $value->unit;
        $walk = Walk::query()->findOrFail($entry->walkId());
        Reading::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machineId(),
            'hire_id' => $entry->hire_id,
            'walk_id' => $entry->walkId(),
            'movement' => $walk->movement,
            'line' => $payload->line,
            'value' => (string) $value->decimal(3, RoundingMode::HALF_UP),
            'unit' => $unit->value,
            'si_value' => (string) $value->in($this->base($unit))->decimal(9, RoundingMode::HALF_UP),
            'is_valid' => $judgement->isValid,
            'is_struck' => false,
            'payload' => $entry->payload()->toArray(),
            'judgement' => $entry->judgement()->toArray(),
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
        $counts = [
            'outcome' => $judgement->outcome,
            'value' => (string) $value->decimal(3, RoundingMode::HALF_UP),
            'unit' => $unit->value,
        ];
        $this->lines->answer($entry, $payload->line, $judgement->isValid ? $counts : []);
        if (
            $judgement->kind === AnswerKind::HourMeter && $judgement->isValid && ! $judgement->isDisputed
            // What was read off the old meter and came late says nothing of the one that is on it now.
            && ! $this->meter->wasChangedAfter($entry->machineId(), $entry->recorded_at)
        ) {
            MachineStatus::query()->where('machine_id', $entry->machineId())->update([
                'smr_hours' => (string) $value->in(Unit::Hour)->decimal(1, RoundingMode::HALF_UP),
                'smr_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
                'smr_entry_id' => $entry->id,
            ]);
        }
    }

    private function base(Unit $unit): Unit
    {
        foreach (
            [
                Unit::Metre,
                Unit::CubicMetre,
                Unit::Second,
                Unit::Degree,
                Unit::Kelvin,
                Unit::Pascal,
                Unit::Volt,
                Unit::Hertz,
                Unit::MetrePerSecond,
                Unit::SpecificGravity,
                Unit::Piece,
            ] as $base
        ) {
            if ($base->dimension() === $unit->dimension()) {
                return $base;
            }
        }

        return $unit;
    }
}
