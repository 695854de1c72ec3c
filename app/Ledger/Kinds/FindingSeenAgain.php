<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\FindingOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\FindingSeenJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\FindingSeenAgainPayload;
use App\Ledger\PlaceFinding;
use App\Models\Finding;
use App\Models\FindingSighting;
use App\Models\LedgerEntry;
use App\Models\User;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Damage that was known was looked at again: the same, grown, or gone.
 *
 * @implements EntryOfWalk<FindingSeenAgainPayload>
 */
final class FindingSeenAgain implements EntryOfWalk
{
    public static function name(): string
    {
        return 'finding.seen_again';
    }

    public static function payload(): string
    {
        return FindingSeenAgainPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $finding = FindingOfMachine::find($entry->payload->finding, $context->walk->machine_id);
        if ($finding->walk_id === $context->walk->id) {
            throw ApiProblem::because(ProblemName::FoundOnThisWalk);
        }
        $thumbnails = PlaceFinding::photosMustBeHere($entry->payload->photos);
        if ($entry->payload->isGone) {
            return $finding->severity === Severity::Stop
                ? throw ApiProblem::because(ProblemName::StopDoesNotVanish, 409, ['number' => $finding->number])
                : new FindingSeenJudgement(Comparison::Gone, $finding->severity, $finding->size_mm, $thumbnails);
        }
        // Nobody measured it before: that it has grown cannot be said.
        $comparison = $finding->size_mm === null ? Comparison::Same : Comparison::between(
            Quantity::of($finding->size_mm, Unit::Millimetre),
            Quantity::of($entry->payload->sizeMm, Unit::Millimetre),
        );

        // A note that grows between checkout and return becomes hold. Common practice, no source.
        $severity =
            $comparison === Comparison::Worse && $finding->severity === Severity::Note
                ? Severity::Hold
                : $finding->severity;

        return new FindingSeenJudgement($comparison, $severity, $finding->size_mm, $thumbnails);
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = FindingSeenAgainPayload::read($entry->payload());
        $judgement = FindingSeenJudgement::read($entry->judgement());
        FindingSighting::query()->create([
            'id' => $entry->id,
            'finding_id' => $payload->finding,
            'walk_id' => $entry->walkId(),
            'size_mm' => $payload->sizeMm,
            'words' => $payload->words,
            'photos' => $payload->photos,
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
        Finding::query()
            ->where('id', $payload->finding)
            ->update(
                ['severity' => $judgement->severity] +
                    ($judgement->comparison === Comparison::Gone
                        ? ['mended_at' => $entry->recorded_at->format('Y-m-d H:i:s.u')]
                        : []),
            );
    }
}
