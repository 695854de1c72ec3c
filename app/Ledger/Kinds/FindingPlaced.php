<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\GradeFinding;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\FindingPlacedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\Thumbnails;
use App\Ledger\Payloads\FindingPlacedPayload;
use App\Models\Finding;
use App\Models\LedgerEntry;
use App\Models\Photo;
use App\Models\User;
use App\Models\Walk;
use App\Words;

/**
 * Something wrong was found and put on the plan drawing.
 *
 * @implements EntryOfWalk<FindingPlacedPayload>
 */
final readonly class FindingPlaced implements EntryOfWalk
{
    public function __construct(private GradeFinding $grade)
    {
    }

    public static function name(): string
    {
        return 'finding.placed';
    }

    public static function payload(): string
    {
        return FindingPlacedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $family = $context->catalogue->family($context->model->familyId);
        $proposal = ($this->grade)($entry->payload->description, $context->catalogue, $family);
        $thumbnails = self::photosMustBeHere($entry->payload->photos);
        $severity = $entry->payload->severity ?? $proposal->severity;
        if ($proposal->severity->isGraverThan($severity)) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadLowers, 403, ['severity' => $proposal->severity->value]);
        }
        $part = GradeFinding::part($entry->payload->description, $family);

        return new FindingPlacedJudgement(
            $part->name ?? Words::say('words.beside_the_machine'),
            $part->system ?? 'beside',
            $proposal->severity,
            $proposal->ruleId,
            $proposal->reason,
            $proposal->source,
            $severity,
            $thumbnails,
        );
    }

    /**
     * @param list<string> $photos
     * @return Thumbnails to be written down with the entry
     */
    public static function photosMustBeHere(array $photos): Thumbnails
    {
        $kept = Photo::query()->whereIn('sha256', $photos)->pluck('thumbnail_sha256', 'sha256')->all();
        if (count($kept) !== count(array_unique($photos))) {
            throw ApiProblem::because(ProblemName::PhotoNotHere, 422, [], ['photos' => [Words::say('problems.photo_not_here.title')]]);
        }

        return new Thumbnails(array_filter($kept));
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = FindingPlacedPayload::read($entry->payload());
        $judgement = FindingPlacedJudgement::read($entry->judgement());
        $description = $payload->description;
        Finding::query()->create([
            'id' => $entry->id,
            'number' => (int) Finding::query()->where('machine_id', $entry->machineId())->max('number') + 1,
            'machine_id' => $entry->machineId(),
            'hire_id' => $entry->hire_id,
            'walk_id' => $entry->walkId(),
            'movement' => Walk::query()->findOrFail($entry->walkId())->movement,
            'x_cm' => $description->at->x,
            'y_cm' => $description->at->y,
            'part' => $judgement->part,
            'system' => $judgement->system,
            'kind' => $description->kind,
            'degree' => $description->degree,
            'size_mm' => $description->sizeMm,
            'words' => $payload->words,
            'photos' => $payload->photos,
            'line' => $payload->line,
            'proposed_severity' => $judgement->proposed,
            'proposed_because' => $judgement->because,
            'severity' => $judgement->severity,
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
    }
}
