<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\NoPayload;
use App\Models\Finding;
use App\Models\FindingSighting;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkPerson;
use JadeLedger\Core\Check\Movement;

/**
 * A walk that was opened and in which nothing was answered is given back: its hire stands as it stood before.
 *
 * @implements EntryOfWalk<NoPayload>
 */
final class WalkGivenBack implements EntryOfWalk
{
    public static function name(): string
    {
        return 'walk.given_back';
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
        $walksAlong = WalkPerson::query()->where('walk_id', $context->walk->id)
            ->where('user_id', $context->actor->id)
            ->exists();
        if (! $walksAlong && $context->actor->role !== Role::Lead) {
            throw ApiProblem::because(ProblemName::DoesNotWalkAlong, 409);
        }
        if (! self::nothingIsSaidIn($context->walk)) {
            throw ApiProblem::because(ProblemName::SomethingIsAnswered, 409);
        }

        return new NothingJudged;
    }

    /** Whether nobody answered, found or decided anything in it, struck entries included. */
    public static function nothingIsSaidIn(Walk $walk): bool
    {
        return $walk->decision === null
            && $walk->voided === null
            && ! $walk->lines()->where('attempts', '>', 0)->exists()
            && ! Finding::query()->where('walk_id', $walk->id)->exists()
            && ! FindingSighting::query()->where('walk_id', $walk->id)->exists();
    }

    public function project(LedgerEntry $entry): void
    {
        $walk = Walk::query()->findOrFail($entry->walkId());
        $walk->update(['given_back_at' => $entry->recorded_at]);
        $isCheckout = $walk->movement === Movement::Checkout;
        HireState::query()->where('hire_id', $walk->hire_id)->update($isCheckout
            ? ['standing' => HireStatus::Booked, 'out_walk_id' => null]
            : ['standing' => HireStatus::Out, 'in_walk_id' => null, 'in_at' => null]);
        // Whether something open holds it is looked at behind every entry.
        MachineStatus::query()->where('machine_id', $walk->machine_id)->update([
            'standing' => $isCheckout ? MachineStanding::InYard : MachineStanding::Out,
        ]);
    }
}
