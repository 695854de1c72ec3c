<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\TagLiftedJudgement;
use App\Ledger\MustBeQualified;
use App\Ledger\Payloads\NoPayload;
use App\Ledger\TagInOfWalk;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\Tag;
use App\Models\User;
use App\Models\Walk;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\People\AskedFor;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\NotTaggedIn;

/**
 * The tag came off: mended, tried again, and said so by somebody other than who mended it. The decision is open again.
 *
 * @implements EntryOfWalk<NoPayload>
 */
final readonly class TagLifted implements EntryOfWalk
{
    public function __construct(private TagInOfWalk $tagIn, private MustBeQualified $qualified)
    {
    }

    public static function name(): string
    {
        return 'tag.lifted';
    }

    public static function payload(): string
    {
        return NoPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $tag = Tag::hangingOn($context->walk->machine_id) ?? throw ApiProblem::because(ProblemName::NoTagHangs, 409);
        // What the repair made due are lines of the walk under which the tag was hung; on another walk they would not
        // be missed.
        if ($tag->walk_id !== $context->walk->id) {
            throw ApiProblem::because(ProblemName::TagOfAnotherWalk, 409, ['number' => $tag->number]);
        }
        // The lead answers for the yard; anybody else has to know this kind of machine.
        if ($context->actor->role !== Role::Lead) {
            ($this->qualified)($context->actor, AskedFor::Operate, $context, $entry->recordedAt, $entry->doubts);
        }
        $rule = ($this->tagIn)($context->walk, $tag, $context->catalogue());
        $why = $rule->inTheWayOf($context->actor->id);
        if ($why !== null) {
            $lines = $why === NotTaggedIn::SomethingStops ? $rule->stops() : $rule->stillDue();
            throw ApiProblem::because(ProblemName::from("tag_stays_{$why->value}"), 409, [
                'count' => count($lines),
                'lines' => implode(
                    ', ',
                    array_map(static fn (JudgedLine $line): string => $line->title, array_slice($lines, 0, 5)),
                ),
            ]);
        }

        return new TagLiftedJudgement($tag->id);
    }

    public function project(LedgerEntry $entry): void
    {
        $walk = Walk::query()->findOrFail($entry->walkId());
        Tag::query()
            ->where('id', TagLiftedJudgement::read($entry->judgement())->tag)
            ->update(['lifted_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'), 'lifted_by_id' => $entry->actor_id]);
        $walk->update(['decision' => null, 'decided_by_id' => null, 'decided_at' => null]);
        MachineStatus::query()
            ->where('machine_id', $entry->machineId())
            ->update(['standing' => MachineStanding::Walking]);
        HireState::query()
            ->where('hire_id', $entry->hire_id)
            ->update([
                'standing' => $walk->movement === Movement::Checkout ? HireStatus::WalkingOut : HireStatus::WalkingIn,
            ]);
    }
}
