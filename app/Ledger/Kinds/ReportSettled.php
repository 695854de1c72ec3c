<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\ReportSettledPayload;
use App\Models\HirerReport;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * Somebody of the yard says what was done about a fault that the hirer reported. Damage that is there is placed as any
 * other finding is; this only closes the question.
 *
 * @implements EntryOfHire<ReportSettledPayload>
 */
final class ReportSettled implements EntryOfHire
{
    public static function name(): string
    {
        return 'report.settled';
    }

    public static function payload(): string
    {
        return ReportSettledPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $isOpen = HirerReport::query()->whereKey($entry->payload->report)
            ->where('hire_id', $context->hire->id)
            ->whereNull('settled_at')
            ->exists();
        if (! $isOpen) {
            throw ApiProblem::because(ProblemName::NoSuchReport, 409);
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $settled = ReportSettledPayload::read($entry->payload());
        HirerReport::query()->withoutGlobalScopes()->whereKey($settled->report)->update([
            'settled_how' => $settled->how,
            'settled_words' => $settled->words,
            'settled_by_id' => $entry->actor_id,
            'settled_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
    }
}
