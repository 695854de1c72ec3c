<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\DecideReleaseOfWalk;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\GroundRecord;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\ReleaseJudgement;
use App\Ledger\Payloads\ReleaseCondition;
use App\Ledger\Payloads\ReleaseDecidedPayload;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use App\Words;
use App\Yards\CurrentYard;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Release\Decision;
use JadeLedger\Core\Release\Ground;
use JadeLedger\Core\Release\ReleaseDecision;

/**
 * Somebody put their name to what the core decided. Nobody can decide past it.
 *
 * @implements EntryOfWalk<ReleaseDecidedPayload>
 */
final readonly class ReleaseDecided implements EntryOfWalk
{
    public function __construct(private DecideReleaseOfWalk $decide, private CurrentYard $yard)
    {
    }

    public static function name(): string
    {
        return 'release.decided';
    }

    public static function payload(): string
    {
        return ReleaseDecidedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $computed = ($this->decide)($context->walk, $context->catalogue(), $this->yard->dayOf($entry->recordedAt));
        $wanted = $entry->payload->decision;
        $conditions = $entry->payload->conditions;
        match ($wanted) {
            Decision::Released => $this->mustBe($computed, Decision::Released),
            Decision::Held => $this->mustBe($computed, Decision::Held),
            Decision::ReleasedWithConditions => $this->mayCarryConditions($computed, $conditions, $context->actor),
            Decision::TaggedOut => throw ApiProblem::because(ProblemName::HangTheTag, 409),
        };

        return new ReleaseJudgement($computed->decision, array_map(GroundRecord::of(...), $computed->grounds));
    }

    private function mustBe(ReleaseDecision $computed, Decision $decision): void
    {
        if ($computed->decision !== $decision) {
            throw ApiProblem::because(ProblemName::NotTheDecision, 409, [
                'decision' => Words::say('words.decision.'.$computed->decision->value),
                'grounds' => implode(
                    ', ',
                    array_map(
                        static fn (Ground $ground): string => $ground->title,
                        array_slice($computed->grounds, 0, 6),
                    ),
                ),
            ]);
        }
    }

    /** @param  list<ReleaseCondition>  $conditions */
    private function mayCarryConditions(ReleaseDecision $computed, array $conditions, User $actor): void
    {
        if (! $computed->mayBeReleasedWithConditions()) {
            $this->mustBe($computed, Decision::ReleasedWithConditions);
        }
        if ($actor->role !== Role::Lead) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadReleasesWithConditions, 403);
        }
        $covered = array_map(static fn (ReleaseCondition $condition): string => $condition->reference, $conditions);
        $bare = array_filter(
            $computed->needingConditions(),
            static fn (Ground $ground): bool => ! in_array($ground->reference, $covered, true),
        );
        if ($bare !== []) {
            throw ApiProblem::because(ProblemName::ConditionsMissing, 422, [
                'grounds' => implode(', ', array_map(static fn (Ground $ground): string => $ground->title, $bare)),
            ]);
        }
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = ReleaseDecidedPayload::read($entry->payload());
        $decision = $payload->decision;
        $walk = Walk::query()->findOrFail($entry->walkId());
        $walk->update([
            'decision' => $decision,
            'conditions' => array_map(static fn (ReleaseCondition $one): array => [
                'reference' => $one->reference,
                'words' => $one->words,
            ], $payload->conditions),
            'decided_by_id' => $entry->actor_id,
            'decided_at' => $entry->recorded_at,
            'voided' => null,
        ]);
        $held = $decision === Decision::Held;
        if ($walk->movement === Movement::Checkout) {
            HireState::query()
                ->where('hire_id', $walk->hire_id)
                ->update(['standing' => $held ? HireStatus::Held : HireStatus::Ready]);
            MachineStatus::query()
                ->where('machine_id', $walk->machine_id)
                ->update(['standing' => $held ? MachineStanding::Held : MachineStanding::Ready]);
        } else {
            HireState::query()
                ->where('hire_id', $walk->hire_id)
                ->update(['standing' => HireStatus::Returned]);
            MachineStatus::query()
                ->where('machine_id', $walk->machine_id)
                ->update(['standing' => $held ? MachineStanding::Held : MachineStanding::InYard]);
        }
    }
}
