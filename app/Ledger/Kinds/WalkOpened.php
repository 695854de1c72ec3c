<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Contract\JsonObject;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\WalkOpenedJudgement;
use App\Ledger\Payloads\WalkOpenedPayload;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Models\WalkPerson;
use App\Models\WalkPlanRecord;
use JadeLedger\Core\Check\Movement;

/**
 * A checkout or a return begins. Written by OpenWalk only, beside the plan that it names.
 *
 * @implements EntryOfWalk<WalkOpenedPayload>
 */
final class WalkOpened implements EntryOfWalk
{
    public static function name(): string
    {
        return 'walk.opened';
    }

    public static function payload(): string
    {
        return WalkOpenedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return false;
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        return new WalkOpenedJudgement($context->plan->seconds(), count($context->plan->lines()));
    }

    public function project(LedgerEntry $entry): void
    {
        $movement = WalkOpenedPayload::read($entry->payload())->movement;
        $walk = Walk::query()->create([
            'id' => $entry->walkId(),
            'hire_id' => $entry->hire_id,
            'machine_id' => $entry->machineId(),
            'movement' => $movement,
            'opened_by_id' => $entry->actor_id,
            'opened_at' => $entry->recorded_at,
            'stages_entered' => [],
            'conditions' => [],
        ]);
        WalkLine::query()->insert($this->lines($walk));
        WalkPerson::query()->insert([
            'walk_id' => $walk->id,
            'user_id' => $entry->actor_id,
            'joined_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
        $isCheckout = $movement === Movement::Checkout;
        HireState::query()->updateOrCreate(
            ['hire_id' => $entry->hire_id],
            $isCheckout
                ? ['standing' => HireStatus::WalkingOut, 'out_walk_id' => $walk->id]
                : ['standing' => HireStatus::WalkingIn, 'in_walk_id' => $walk->id, 'in_at' => $entry->recorded_at],
        );
        MachineStatus::query()->updateOrCreate(
            ['machine_id' => $entry->machineId()],
            ['standing' => MachineStanding::Walking],
        );
    }

    /** @return list<array<string, mixed>> */
    private function lines(Walk $walk): array
    {
        $plan = WalkPlanRecord::query()->findOrFail($walk->id);
        $rows = [];
        foreach (JsonObject::of($plan->body)->objects('visits') as $visit) {
            foreach ($visit->objects('lines') as $line) {
                $rows[] = [
                    'walk_id' => $walk->id,
                    'key' => $line->string('key'),
                    'check_id' => $line->string('check'),
                    'position' => count($rows) + 1,
                    'severity' => $line->string('severity'),
                    'outcome' => 'open',
                ];
            }
        }

        return $rows;
    }
}
