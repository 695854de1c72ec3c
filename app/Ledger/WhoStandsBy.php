<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Kinds\StateCrossed;
use App\Ledger\Kinds\WalkTakenOver;
use App\Ledger\Payloads\StateCrossedPayload;
use App\Models\LedgerEntry;
use JadeLedger\Core\People\StandingBy;
use JadeLedger\Core\State\Helper;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * Who confirmed at a crossing of a walk that they stand by, with no state since in which somebody may be alone, and
 * with the same person at the machine.
 */
final class WhoStandsBy
{
    public static function on(string $walkId, WalkPlan $plan): ?StandingBy
    {
        $entries = LedgerEntry::query()
            ->where('walk_id', $walkId)
            ->whereIn('kind', [StateCrossed::name(), WalkTakenOver::name()])
            ->orderByDesc('sequence')
            ->limit(10)
            ->get();
        $actor = null;
        foreach ($entries as $entry) {
            $actor ??= $entry->actor_id;
            if ($entry->kind !== StateCrossed::name() || $actor === null || $entry->actor_id !== $actor) {
                return null;
            }
            $payload = StateCrossedPayload::read($entry->payload());
            $state = $plan->crossing($payload->stage)?->stage->state;
            if ($state?->helper !== Helper::Present || $payload->second === null) {
                return null;
            }
            if ($payload->secondFrom === null) {
                return new StandingBy(
                    $entry->id,
                    $payload->second,
                    $actor,
                    $entry->recorded_at->toDateTimeImmutable(),
                );
            }
        }

        return null;
    }
}
