<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\HourMeterOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\EntryStruckJudgement;
use App\Ledger\Judgements\FindingSeenJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\LiftAStop;
use App\Ledger\Payloads\EntryStruckPayload;
use App\Ledger\Payloads\FindingSeenAgainPayload;
use App\Ledger\UpdateWalkLine;
use App\Models\Finding;
use App\Models\FindingSighting;
use App\Models\FitQuestion;
use App\Models\LedgerEntry;
use App\Models\MachineStatus;
use App\Models\Reading;
use App\Models\Role;
use App\Models\User;
use App\Models\WalkLine;
use App\Words;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Verdict\Outcome;

/**
 * A wrong entry is struck: it stays legible, and what it said no longer counts.
 *
 * @implements EntryOfWalk<EntryStruckPayload>
 */
final readonly class EntryStruck implements EntryOfWalk
{
    private const MAY_BE_STRUCK = [
        'check.answered', 'lines.affirmed', 'test.answered', 'paper.compared', 'dashboard.read', 'reading.posted',
        'finding.placed', 'finding.seen_again',
    ];

    public function __construct(
        private UpdateWalkLine $lines,
        private LiftAStop $lift,
        private HourMeterOfMachine $meter,
    ) {
    }

    public static function name(): string
    {
        return 'entry.struck';
    }

    public static function payload(): string
    {
        return EntryStruckPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $wrong = LedgerEntry::query()->where('id', $entry->corrects)->where('walk_id', $context->walk->id)->first();
        if ($wrong === null || ! in_array($wrong->kind, self::MAY_BE_STRUCK, true)) {
            throw ApiProblem::because(
                ProblemName::NothingToStrike,
                422,
                [],
                ['corrects' => [Words::say('problems.nothing_to_strike.title')]],
            );
        }
        if (LedgerEntry::query()->where('corrects', $wrong->id)->exists()) {
            throw ApiProblem::because(ProblemName::StruckAlready, 409);
        }
        if ($wrong->actor_id !== $context->actor->id && $context->actor->role !== Role::Lead) {
            throw ApiProblem::because(ProblemName::StrikeYourOwn, 403);
        }

        return new EntryStruckJudgement(
            $wrong->kind,
            $this->stops($wrong) ? $this->lift->byStrike($entry, $wrong, $context) : null,
        );
    }

    /** Whether the machine is stopped by what this entry says, as far as that was not overtaken. */
    private function stops(LedgerEntry $wrong): bool
    {
        $finding = match ($wrong->kind) {
            'finding.placed' => $wrong->id,
            'finding.seen_again' => FindingSeenAgainPayload::read($wrong->payload())->finding,
            default => null,
        };
        if ($finding !== null) {
            return Finding::query()->where('id', $finding)
                ->where('severity', Severity::Stop)
                ->whereNull('mended_at')
                ->exists();
        }

        return WalkLine::query()->where('walk_id', $wrong->walk_id)
            ->where('entry_id', $wrong->id)
            ->where('outcome', Outcome::Stop)
            ->exists();
    }

    public function project(LedgerEntry $entry): void
    {
        $wrong = (string) $entry->corrects;
        $this->lines->reopen($entry, $wrong);
        FitQuestion::query()->where('id', $wrong)->delete();
        Reading::query()->where('id', $wrong)->update([
            'is_struck' => true,
            'struck_because' => EntryStruckPayload::read($entry->payload())->reason,
            'struck_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
        Finding::query()->where('id', $wrong)->update(['is_struck' => true]);
        FindingSighting::query()->where('id', $wrong)->update(['is_struck' => true]);
        $this->takeBackGone($wrong);
        $this->takeBackMeter($entry, $wrong);
    }

    /** What was said to be gone is there again. */
    private function takeBackGone(string $wrong): void
    {
        $struck = LedgerEntry::query()->find($wrong);
        if (
            $struck?->kind === FindingSeenAgain::name()
            && FindingSeenJudgement::read($struck->judgement())->comparison === Comparison::Gone
        ) {
            $finding = FindingSeenAgainPayload::read($struck->payload())->finding;
            Finding::query()->where('id', $finding)->update(['mended_at' => null]);
        }
    }

    /** The meter falls back to the last reading that still counts. */
    private function takeBackMeter(LedgerEntry $entry, string $wrong): void
    {
        $state = MachineStatus::query()
            ->where('machine_id', $entry->machineId())
            ->where('smr_entry_id', $wrong)
            ->first();
        if ($state === null) {
            return;
        }
        [$hours, $at, $says] = $this->meter->lastBefore($entry->machineId(), null);
        $state->update([
            'smr_hours' => $hours,
            'smr_at' => $at,
            'smr_entry_id' => $says,
        ]);
    }
}
