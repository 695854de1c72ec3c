<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\IncomingEntry;
use App\Ledger\JudgementRecord;
use App\Ledger\JudgeReadingOfWalk;
use App\Ledger\PostingContext;
use App\Ledger\UpdateWalkLine;
use App\Models\LedgerEntry;
use App\Models\MachineStatus;
use App\Models\Photo;
use App\Models\Reading;
use App\Models\User;
use App\Models\Walk;
use App\Words;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** An instrument was read. */
final readonly class ReadingPosted implements AnswersALine
{
    public function __construct(private JudgeReadingOfWalk $judge, private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'reading.posted';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $judgement = ($this->judge)($entry->payload, $context, $entry->recordedAt);
        $photo = $entry->optional('photo');
        if ($photo !== null && ! Photo::query()->whereKey($photo)->exists()) {
            throw ApiProblem::because(ProblemName::PhotoNotHere, 422, [], ['photo' => [Words::say('problems.photo_not_here.title')]]);
        }
        if ($judgement->isValid && $judgement->verdict->isDisputed && ($photo === null || mb_strlen(trim($entry->text('reason'))) < 3)) {
            throw ApiProblem::because(ProblemName::MeterNeedsConfirming, 422, [], array_filter([
                'photo' => $photo === null ? [Words::say('problems.meter_needs_confirming.photo')] : [],
                'reason' => mb_strlen(trim($entry->text('reason'))) < 3 ? [Words::say('problems.meter_needs_confirming.reason')] : [],
            ]));
        }

        $figure = $this->judge->judgedFigure($entry->payload, $context);

        return JudgementRecord::of($judgement) + ['kind' => $context->line($entry->text('line'))->check->answer->value]
            + (isset($entry->payload->value) ? [] : ['figure' => $figure->text(), 'unit' => $figure->unit->value]);
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = $entry->payload();
        $judgement = $entry->judgement();
        // Of several points the worst one counts; which one that is was judged when it was posted.
        $unit = Unit::named($judgement['unit'] ?? $payload['unit']);
        $value = Quantity::of($judgement['figure'] ?? $payload['value'], $unit);
        $walk = Walk::query()->findOrFail($entry->walk_id);
        Reading::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machine_id,
            'hire_id' => $entry->hire_id,
            'walk_id' => $entry->walk_id,
            'movement' => $walk->movement,
            'line' => $payload['line'],
            'value' => (string) $value->decimal(3, RoundingMode::HALF_UP),
            'unit' => $unit->value,
            'si_value' => (string) $value->in($this->base($unit))->decimal(9, RoundingMode::HALF_UP),
            'is_valid' => $judgement['is_valid'],
            'is_struck' => false,
            'payload' => $payload,
            'judgement' => $judgement,
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
        $counts = ['outcome' => $judgement['verdict']['outcome'], 'value' => (string) $value->decimal(3, RoundingMode::HALF_UP), 'unit' => $unit->value];
        $this->lines->answer($entry, $payload['line'], $judgement['is_valid'] ? $counts : []);
        if ($judgement['kind'] === AnswerKind::HourMeter->value && $judgement['is_valid'] && ! $judgement['verdict']['is_disputed']) {
            MachineStatus::query()->where('machine_id', $entry->machine_id)->update([
                'smr_hours' => (string) $value->in(Unit::Hour)->decimal(1, RoundingMode::HALF_UP),
                'smr_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
                'smr_entry_id' => $entry->id,
            ]);
        }
    }

    private function base(Unit $unit): Unit
    {
        foreach ([Unit::Metre, Unit::CubicMetre, Unit::Second, Unit::Degree, Unit::Kelvin, Unit::Pascal, Unit::Volt, Unit::Hertz, Unit::MetrePerSecond, Unit::SpecificGravity, Unit::Piece] as $base) {
            if ($base->dimension() === $unit->dimension()) {
                return $base;
            }
        }

        return $unit;
    }
}
