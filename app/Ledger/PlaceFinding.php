<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Judgements\FindingPlacedJudgement;
use App\Ledger\Judgements\Thumbnails;
use App\Ledger\Payloads\FindingDescription;
use App\Models\Finding;
use App\Models\LedgerEntry;
use App\Models\Photo;
use App\Words;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Severity;

/** Puts something wrong on the plan of a machine, on a walk or beside one. */
final readonly class PlaceFinding
{
    public function __construct(private GradeFinding $grade)
    {
    }

    /**
     * @param list<string> $photos digests
     * @param Severity|null $asked graver than what the rules propose
     *
     * @throws ApiProblem when a photo is not here, or it is said to be less grave than proposed
     */
    public function judge(
        FindingDescription $description,
        ?Severity $asked,
        array $photos,
        Catalogue $catalogue,
        Family $family,
    ): FindingPlacedJudgement {
        $proposal = ($this->grade)($description, $catalogue, $family);
        $thumbnails = self::photosMustBeHere($photos);
        $severity = $asked ?? $proposal->severity;
        if ($proposal->severity->isGraverThan($severity)) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadLowers, 403, ['severity' => $proposal->severity->value]);
        }
        $part = GradeFinding::part($description, $family);

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
        /** @var array<string, string|null> $kept */
        $kept = Photo::query()->whereIn('sha256', $photos)->pluck('thumbnail_sha256', 'sha256')->all();
        if (count($kept) !== count(array_unique($photos))) {
            throw ApiProblem::because(
                ProblemName::PhotoNotHere,
                422,
                [],
                ['photos' => [Words::say('problems.photo_not_here.title')]],
            );
        }

        return new Thumbnails(array_filter($kept));
    }

    /**
     * @param list<string> $photos digests
     * @param string|null $line from which it was placed
     * @param Movement|null $movement of the walk on which it was found; none beside a walk
     */
    public static function keep(
        LedgerEntry $entry,
        FindingDescription $description,
        FindingPlacedJudgement $judgement,
        string $words,
        array $photos,
        ?string $line,
        ?Movement $movement,
    ): void {
        Finding::query()->create([
            'id' => $entry->id,
            'number' => Finding::nextNumber($entry->machineId()),
            'machine_id' => $entry->machineId(),
            'hire_id' => $entry->hire_id,
            'walk_id' => $entry->walk_id,
            'movement' => $movement,
            'x_cm' => $description->at->x,
            'y_cm' => $description->at->y,
            'part' => $judgement->part,
            'system' => $judgement->system,
            'kind' => $description->kind,
            'degree' => $description->degree,
            'size_mm' => $description->sizeMm,
            'words' => $words,
            'photos' => $photos,
            'line' => $line,
            'proposed_severity' => $judgement->proposed,
            'proposed_because' => $judgement->because,
            'severity' => $judgement->severity,
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
    }
}
