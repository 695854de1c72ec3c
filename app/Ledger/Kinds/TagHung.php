<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\TagHungJudgement;
use App\Ledger\Payloads\TagHungPayload;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Tag;
use App\Models\User;
use App\Models\Walk;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Release\Decision;

/**
 * A tag was hung on the machine: not for hire, and the hire stops. Anybody who walks may hang one at any time.
 *
 * @implements EntryOfWalk<TagHungPayload>
 */
final class TagHung implements EntryOfWalk
{
    public static function name(): string
    {
        return 'tag.hung';
    }

    public static function payload(): string
    {
        return TagHungPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        if (Tag::query()->where('machine_id', $context->walk->machine_id)->whereNull('lifted_at')->exists()) {
            throw ApiProblem::because(ProblemName::TaggedAlready, 409);
        }

        return new TagHungJudgement(Decision::TaggedOut, Tag::nextNumberFor($context->walk->machine_id));
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = TagHungPayload::read($entry->payload());
        $walk = Walk::query()->findOrFail($entry->walkId());
        Tag::query()->create([
            'id' => $entry->id,
            'number' => TagHungJudgement::read($entry->judgement())->number ?? Tag::nextNumberFor($entry->machineId()),
            'yard_id' => Machine::query()->withoutGlobalScopes()->whereKey($entry->machineId())->value('yard_id'),
            'machine_id' => $entry->machineId(),
            'hire_id' => $entry->hire_id,
            'walk_id' => $entry->walkId(),
            'reference' => $payload->reference,
            'reason' => $payload->reason,
            'keys_at' => $payload->keysAt,
            'hung_by_id' => $entry->actor_id,
            'hung_at' => $entry->recorded_at,
        ]);
        $walk->update([
            'decision' => Decision::TaggedOut,
            'decided_by_id' => $entry->actor_id,
            'decided_at' => $entry->recorded_at,
        ]);
        MachineStatus::query()
            ->where('machine_id', $entry->machineId())
            ->update(['standing' => MachineStanding::TaggedOut]);
        HireState::query()
            ->where('hire_id', $entry->hire_id)
            ->update([
                'standing' => $walk->movement === Movement::Checkout ? HireStatus::Stopped : HireStatus::Returned,
            ]);
    }
}
