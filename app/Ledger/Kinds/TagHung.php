<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Tag;
use App\Models\User;
use App\Models\Walk;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Release\Decision;

/** A tag was hung on the machine: not for hire, and the hire stops. Anybody who walks may hang one at any time. */
final class TagHung implements EntryKind
{
    public static function name(): string
    {
        return 'tag.hung';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        if (Tag::query()->where('machine_id', $context->walk->machine_id)->whereNull('lifted_at')->exists()) {
            throw ApiProblem::because(ProblemName::TaggedAlready, 409);
        }

        return ['decision' => Decision::TaggedOut->value];
    }

    public function project(LedgerEntry $entry): void
    {
        $walk = Walk::query()->findOrFail($entry->walk_id);
        Tag::query()->create([
            'id' => $entry->id,
            'number' => Tag::nextNumberFor($entry->machine_id),
            'machine_id' => $entry->machine_id,
            'hire_id' => $entry->hire_id,
            'walk_id' => $entry->walk_id,
            'reference' => $entry->payload()['reference'] ?? null,
            'reason' => $entry->payload()['reason'],
            'keys_at' => $entry->payload()['keys_at'] ?? null,
            'hung_by_id' => $entry->actor_id,
            'hung_at' => $entry->recorded_at,
        ]);
        $walk->update(['decision' => Decision::TaggedOut, 'decided_by_id' => $entry->actor_id, 'decided_at' => $entry->recorded_at]);
        MachineStatus::query()->where('machine_id', $entry->machine_id)->update(['standing' => MachineStanding::TaggedOut]);
        HireState::query()->where('hire_id', $entry->hire_id)->update([
            'standing' => $walk->movement === Movement::Checkout ? HireStatus::Stopped : HireStatus::Returned,
        ]);
    }
}
