<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\FindingOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\FindingGradedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\FindingGradedPayload;
use App\Models\Finding;
use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Finding\SeverityChange;

/**
 * Somebody raised how grave a finding is, or the lead lowered it and said why.
 *
 * @implements EntryOfWalk<FindingGradedPayload>
 */
final class FindingGraded implements EntryOfWalk
{
    public static function name(): string
    {
        return 'finding.graded';
    }

    public static function payload(): string
    {
        return FindingGradedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $finding = FindingOfMachine::find($entry->payload->finding, $context->walk->machine_id);
        $change = new SeverityChange($finding->severity, $entry->payload->severity, $entry->payload->reason);
        if ($change->isLowering() && $context->actor->role !== Role::Lead) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadLowers, 403, ['severity' => $finding->severity->value]);
        }
        if ($change->lacksReason()) {
            throw ApiProblem::because(
                ProblemName::LoweringNeedsAReason,
                422,
                [],
                ['reason' => [Words::say('problems.lowering_needs_a_reason.title')]],
            );
        }

        return new FindingGradedJudgement($finding->severity, $entry->payload->severity);
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = FindingGradedPayload::read($entry->payload());
        Finding::query()->where('id', $payload->finding)->update([
            'severity' => $payload->severity,
            'severity_reason' => $payload->reason === '' ? null : $payload->reason,
        ]);
    }
}
