<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\FindingOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\Finding;
use App\Models\FindingSighting;
use App\Models\LedgerEntry;
use App\Models\User;
use JadeLedger\Core\Catalogue\Severity;
use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Damage that was known was looked at again: the same, grown, or gone. */
final class FindingSeenAgain implements EntryKind
{
    public static function name(): string
    {
        return 'finding.seen_again';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $finding = FindingOfMachine::find($entry->text('finding'), $context->walk->machine_id);
        if ($finding->walk_id === $context->walk->id) {
            throw ApiProblem::because(ProblemName::FoundOnThisWalk);
        }
        $thumbnails = FindingPlaced::photosMustBeHere($entry->texts('photos'));
        if ($this->isGone($entry)) {
            return $finding->severity === Severity::Stop
                ? throw ApiProblem::because(ProblemName::StopDoesNotVanish, 409, ['number' => $finding->number])
                : [
                    'comparison' => Comparison::Gone->value,
                    'severity' => $finding->severity->value,
                    'size_before_mm' => $finding->size_mm,
                ] + $thumbnails;
        }
        $comparison = Comparison::between(
            Quantity::of($finding->size_mm ?? 0, Unit::Millimetre),
            Quantity::of((int) $entry->payload->size_mm, Unit::Millimetre),
        );

        // A note that grows between checkout and return becomes hold. Common practice, no source.
        $severity = $comparison === Comparison::Worse && $finding->severity === Severity::Note ? Severity::Hold : $finding->severity;

        return ['comparison' => $comparison->value, 'severity' => $severity->value, 'size_before_mm' => $finding->size_mm] + $thumbnails;
    }

    private function isGone(IncomingEntry $entry): bool
    {
        return ($entry->payload->gone ?? false) === true;
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = $entry->payload();
        FindingSighting::query()->create([
            'id' => $entry->id,
            'finding_id' => $payload['finding'],
            'walk_id' => $entry->walk_id,
            'size_mm' => $payload['size_mm'],
            'words' => $payload['words'],
            'photos' => $payload['photos'],
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
        Finding::query()->where('id', $payload['finding'])->update(['severity' => $entry->judgement()['severity']]
            + ($entry->judgement()['comparison'] === Comparison::Gone->value ? ['mended_at' => $entry->recorded_at->format('Y-m-d H:i:s.u')] : []));
    }
}
