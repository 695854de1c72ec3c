<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Hires\ChargeInYard;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\SpreadExplainedPayload;
use App\Ledger\SpreadOfHire;
use App\Models\LedgerEntry;
use App\Models\SpreadExplanation;
use App\Models\User;
use App\Yards\CurrentYard;

/**
 * Somebody said why a line does not balance.
 *
 * @implements EntryOfHire<SpreadExplainedPayload>
 */
final readonly class SpreadExplained implements EntryOfHire
{
    public function __construct(private SpreadOfHire $spread, private CurrentYard $yard)
    {
    }

    public static function name(): string
    {
        return 'spread.explained';
    }

    public static function payload(): string
    {
        return SpreadExplainedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $spread = ($this->spread)($context->hire);
        if (! in_array($entry->payload->line, $spread->unexplained(), true)) {
            throw ApiProblem::because(ProblemName::BalancesAlready, 409, ['line' => $entry->payload->line]);
        }

        if ($entry->payload->charge !== null) {
            ChargeInYard::asked($entry->payload->charge, $this->yard->currency());
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = SpreadExplainedPayload::read($entry->payload());
        SpreadExplanation::query()->create([
            'id' => $entry->id,
            'hire_id' => $entry->hire_id,
            'line' => $payload->line,
            'words' => $payload->words,
            'charge' => $payload->charge?->string('amount'),
            'currency' => $payload->charge?->string('currency'),
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
    }
}
