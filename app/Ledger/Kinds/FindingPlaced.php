<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\GradeFinding;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\Finding;
use App\Models\LedgerEntry;
use App\Models\Photo;
use App\Models\User;
use App\Models\Walk;
use App\Words;
use JadeLedger\Core\Catalogue\Severity;

/** Something wrong was found and put on the plan drawing. */
final readonly class FindingPlaced implements EntryKind
{
    public function __construct(private GradeFinding $grade)
    {
    }

    public static function name(): string
    {
        return 'finding.placed';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $family = $context->catalogue->family($context->model->familyId);
        $proposal = ($this->grade)($entry->payload, $context->catalogue, $family);
        $thumbnails = self::photosMustBeHere($entry->texts('photos'));
        $wanted = $entry->optional('severity');
        $severity = $wanted === null ? $proposal->severity : Severity::from($wanted);
        if ($proposal->severity->isGraverThan($severity)) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadLowers, 403, ['severity' => $proposal->severity->value]);
        }
        $part = GradeFinding::part($entry->payload, $family);

        return [
            'part' => $part->name ?? Words::say('words.beside_the_machine'),
            'system' => $part->system ?? 'beside',
            'proposed_severity' => $proposal->severity->value,
            'rule' => $proposal->ruleId,
            'because' => $proposal->reason,
            'source' => ['kind' => $proposal->source->kind->value, 'words' => $proposal->source->words],
            'severity' => $severity->value,
        ] + $thumbnails;
    }

    /**
     * @param list<string> $photos
     * @return array<string, mixed> the digests of their thumbnails, to be written down with the entry
     */
    public static function photosMustBeHere(array $photos): array
    {
        $kept = Photo::query()->whereIn('sha256', $photos)->pluck('thumbnail_sha256', 'sha256')->all();
        if (count($kept) !== count(array_unique($photos))) {
            throw ApiProblem::because(ProblemName::PhotoNotHere, 422, [], ['photos' => [Words::say('problems.photo_not_here.title')]]);
        }
        $thumbnails = array_filter($kept);

        return $thumbnails === [] ? [] : ['thumbnails' => $thumbnails];
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = $entry->payload();
        $judgement = $entry->judgement();
        Finding::query()->create([
            'id' => $entry->id,
            'number' => (int) Finding::query()->where('machine_id', $entry->machine_id)->max('number') + 1,
            'machine_id' => $entry->machine_id,
            'hire_id' => $entry->hire_id,
            'walk_id' => $entry->walk_id,
            'movement' => Walk::query()->findOrFail($entry->walk_id)->movement,
            'x_cm' => $payload['at']['x'],
            'y_cm' => $payload['at']['y'],
            'part' => $judgement['part'],
            'system' => $judgement['system'],
            'kind' => $payload['kind'],
            'degree' => $payload['degree'] ?? null,
            'size_mm' => $payload['size_mm'] ?? null,
            'words' => $payload['words'],
            'photos' => $payload['photos'],
            'line' => $payload['line'] ?? null,
            'proposed_severity' => $judgement['proposed_severity'],
            'proposed_because' => $judgement['because'],
            'severity' => $judgement['severity'],
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
    }
}
