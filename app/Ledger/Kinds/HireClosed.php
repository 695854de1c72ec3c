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
use App\Ledger\Payloads\NoPayload;
use App\Ledger\SpreadOfHire;
use App\Models\HirerReport;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * The hire balances, or every line that does not is explained: the double rule is drawn.
 *
 * @implements EntryOfHire<NoPayload>
 */
final readonly class HireClosed implements EntryOfHire
{
    public function __construct(private SpreadOfHire $spread)
    {
    }

    public static function name(): string
    {
        return 'hire.closed';
    }

    public static function payload(): string
    {
        return NoPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $hire = $context->hire;
        if ($hire->standing() !== HireStatus::Returned) {
            throw ApiProblem::because(ProblemName::ReturnWalkFirst, 409);
        }
        $reports = HirerReport::query()->where('hire_id', $hire->id)->whereNull('settled_at')->count();
        if ($reports > 0) {
            throw ApiProblem::because(ProblemName::ReportsOpen, 409, ['count' => $reports]);
        }
        $left = ($this->spread)($hire)->unexplained();
        if ($left !== []) {
            throw ApiProblem::because(ProblemName::DoesNotBalance, 409, ['count' => count($left)]);
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        HireState::query()->where('hire_id', $entry->hire_id)->update([
            'standing' => HireStatus::Closed,
            'closed_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
    }
}
