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
use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Catalogue\Severity;
use JadeLedger\Core\Finding\SeverityChange;

/** Somebody raised how grave a finding is, or the lead lowered it and said why. */
final class FindingGraded implements EntryKind
{
    public static function name(): string
    {
        return 'finding.graded';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $finding = FindingOfMachine::find($entry->text('finding'), $context->walk->machine_id);
        $change = new SeverityChange($finding->severity, Severity::from($entry->text('severity')), $entry->text('reason'));
        if ($change->isLowering() && $context->actor->role !== Role::Lead) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadLowers, 403, ['severity' => $finding->severity->value]);
        }
        if ($change->lacksReason()) {
            throw ApiProblem::because(ProblemName::LoweringNeedsAReason, 422, [], ['reason' => [Words::say('problems.lowering_needs_a_reason.title')]]);
        }

        return ['from' => $finding->severity->value, 'to' => $entry->text('severity')];
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = $entry->payload();
        Finding::query()->where('id', $payload['finding'])->update([
            'severity' => $payload['severity'],
            'severity_reason' => $payload['reason'] === '' ? null : $payload['reason'],
        ]);
    }
}
