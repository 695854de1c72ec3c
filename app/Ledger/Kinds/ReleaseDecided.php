<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\DecideReleaseOfWalk;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
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
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Release\Decision;
use JadeLedger\Core\Release\Ground;
use JadeLedger\Core\Release\ReleaseDecision;

/** Somebody put their name to what the core decided. Nobody can decide past it. */
final readonly class ReleaseDecided implements EntryKind
{
    public function __construct(private DecideReleaseOfWalk $decide, private CurrentYard $yard)
    {
    }

    public static function name(): string
    {
        return 'release.decided';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $computed = ($this->decide)($context->walk, $context->catalogue, $this->yard->dayOf($entry->recordedAt));
        $wanted = Decision::from($entry->text('decision'));
        $conditions = (array) ($entry->payload->conditions ?? []);
        match ($wanted) {
            Decision::Released => $this->mustBe($computed, Decision::Released),
            Decision::Held => $this->mustBe($computed, Decision::Held),
            Decision::ReleasedWithConditions => $this->mayCarryConditions($computed, $conditions, $context->actor),
            Decision::TaggedOut => throw ApiProblem::because(ProblemName::HangTheTag, 409),
        };

        return ['computed' => $computed->decision->value, 'grounds' => array_map(static fn (Ground $ground): array => [
            'reference' => $ground->reference, 'outcome' => $ground->outcome->value, 'severity' => $ground->severity->value, 'lifted_by' => $ground->liftedBy->value,
        ], $computed->grounds)];
    }

    private function mustBe(ReleaseDecision $computed, Decision $decision): void
    {
        if ($computed->decision !== $decision) {
            throw ApiProblem::because(ProblemName::NotTheDecision, 409, [
                'decision' => Words::say('words.decision.'.$computed->decision->value),
                'grounds' => implode(', ', array_map(static fn (Ground $ground): string => $ground->title, array_slice($computed->grounds, 0, 6))),
            ]);
        }
    }

    /** @param  array<mixed>  $conditions */
    private function mayCarryConditions(ReleaseDecision $computed, array $conditions, User $actor): void
    {
        if (! $computed->mayBeReleasedWithConditions()) {
            $this->mustBe($computed, Decision::ReleasedWithConditions);
        }
        if ($actor->role !== Role::Lead) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadReleasesWithConditions, 403);
        }
        $covered = array_map(static fn (mixed $condition): string => $condition instanceof \stdClass ? (string) $condition->reference : '', $conditions);
        $bare = array_filter($computed->needingConditions(), static fn (Ground $ground): bool => ! in_array($ground->reference, $covered, true));
        if ($bare !== []) {
            throw ApiProblem::because(ProblemName::ConditionsMissing, 422, ['grounds' => implode(', ', array_map(static fn (Ground $ground): string => $ground->title, $bare))]);
        }
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = $entry->payload();
        $decision = Decision::from($payload['decision']);
        $walk = Walk::query()->findOrFail($entry->walk_id);
        $walk->update([
            'decision' => $decision,
            'conditions' => $payload['conditions'],
            'decided_by_id' => $entry->actor_id,
            'decided_at' => $entry->recorded_at,
            'voided' => null,
        ]);
        $held = $decision === Decision::Held;
        if ($walk->movement === Movement::Checkout) {
            HireState::query()->where('hire_id', $walk->hire_id)->update(['standing' => $held ? HireStatus::Held : HireStatus::Ready]);
            MachineStatus::query()->where('machine_id', $walk->machine_id)->update(['standing' => $held ? MachineStanding::Held : MachineStanding::Ready]);
        } else {
            HireState::query()->where('hire_id', $walk->hire_id)->update(['standing' => HireStatus::Returned]);
            MachineStatus::query()->where('machine_id', $walk->machine_id)->update(['standing' => $held ? MachineStanding::Held : MachineStanding::InYard]);
        }
    }
}
