<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\ConfirmSecond;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\StateCrossedJudgement;
use App\Ledger\MustBeQualified;
use App\Ledger\Payloads\StateCrossedPayload;
use App\Models\LedgerEntry;
use App\Models\Repair;
use App\Models\Tag;
use App\Models\User;
use App\Models\Walk;
use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\People\AskedFor;
use JadeLedger\Core\People\SecondPerson;
use JadeLedger\Core\State\Engine;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\StateTransitionGuard;

/**
 * The machine was brought into a state, every line of the crossing confirmed.
 *
 * @implements EntryOfWalk<StateCrossedPayload>
 */
final readonly class StateCrossed implements EntryOfWalk
{
    public function __construct(private MustBeQualified $qualified, private ConfirmSecond $second)
    {
    }

    public static function name(): string
    {
        return 'state.crossed';
    }

    public static function payload(): string
    {
        return StateCrossedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $crossing = $context->plan->crossing($entry->payload->stage)
            ?? throw ApiProblem::because(ProblemName::NoSuchStage, 422, ['stage' => $entry->payload->stage]);
        $tag = Tag::hangingOn($context->walk->machine_id);
        if ($tag !== null && $crossing->stage->state->hazardLevel() > 0 && Repair::under($tag->id) === null) {
            throw ApiProblem::because(ProblemName::TagForbidsPower, 409, ['number' => $tag->number]);
        }
        if ($crossing->stage->state->engine !== Engine::Stopped) {
            ($this->qualified)($context->actor, AskedFor::Operate, $context, $entry->recordedAt, $entry->doubts);
        }
        $second = SecondPerson::in($crossing->stage->state, $context->actor->id, $entry->payload->second);
        if ($second !== SecondPerson::NotAsked) {
            ($this->second)($entry, $context);
        }
        $open = $crossing->unconfirmed($entry->payload->confirmed, $context->stageBefore()?->state);
        if ($open !== []) {
            throw ApiProblem::because(ProblemName::LinesNotConfirmed, 422, [
                'lines' => implode(' ', array_map(static fn (StageLine $line): string => $line->text, $open)),
            ]);
        }
        $inTheWay = (new StateTransitionGuard($context->plan))->inTheWay(
            $crossing->stage->id,
            $context->outcomes(),
            $context->toBeReadLater(),
        );
        if ($inTheWay !== []) {
            throw ApiProblem::because(ProblemName::StateIsBlocked, 409, [
                'stage' => $crossing->stage->title,
                'lines' => implode(
                    ', ',
                    array_unique(array_map(static fn (PlannedLine $line): string => $line->check->title, $inTheWay)),
                ),
            ]);
        }

        return new StateCrossedJudgement($crossing->stage->id);
    }

    public function project(LedgerEntry $entry): void
    {
        $walk = Walk::query()->findOrFail($entry->walkId());
        $stage = StateCrossedPayload::read($entry->payload())->stage;
        $walk->update([
            'stage' => $stage,
            'stages_entered' => array_values(array_unique([...$walk->stages_entered, $stage])),
        ]);
    }
}
