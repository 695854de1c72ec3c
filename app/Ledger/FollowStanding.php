<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Finding;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Release\Decision;

/**
 * What follows from an entry for a machine that stands ready, or in the yard: a release that would not be given any
 * more is void and has to be decided anew, and an open stop keeps the machine from looking as if it could go.
 *
 * Reads projections only, so that a rebuild gives the same. Days that pass change no projection: what ran out meanwhile
 * is found when the decision is computed again at the signature.
 */
final class FollowStanding
{
    /** Kinds that change no standing by themselves: a walk has hundreds of them, and the standing is asked for once. */
    private const ANSWERS = ['check.answered', 'test.answered', 'paper.compared', 'dashboard.read', 'reading.posted'];

    /** Kinds that touch no line, finding or tag: what was told and asked cannot take a release away. */
    private const TOLD = ['handover.step_shown', 'handover.answered'];

    private ?string $machine = null;

    private ?MachineStanding $standing = null;

    public function __construct(private readonly DecideReleaseOfWalk $decide)
    {
    }

    public function after(LedgerEntry $entry): void
    {
        if (in_array($entry->kind, self::TOLD, true)) {
            return;
        }
        if ($this->machine !== $entry->machine_id || ! in_array($entry->kind, self::ANSWERS, true)) {
            $this->machine = $entry->machine_id;
            $this->standing = MachineStanding::tryFrom(
                (string) DB::table('machine_states')->where('machine_id', $entry->machine_id)->value('standing'),
            );
        }
        match ($this->standing) {
            MachineStanding::Ready => $this->voidRelease($entry),
            MachineStanding::InYard, MachineStanding::Held => $this->holdOverStops($entry),
            default => null,
        };
    }

    private function voidRelease(LedgerEntry $entry): void
    {
        $walk = Walk::query()->where('machine_id', $entry->machine_id)->where('movement', Movement::Checkout)
            ->whereIn('decision', [Decision::Released, Decision::ReleasedWithConditions])
            ->whereHas('hire.state', static fn ($state) => $state->where('standing', HireStatus::Ready))->first();
        if ($walk === null || $walk->decision === null) {
            return;
        }
        $covered = $walk->coveredGrounds();
        $now = ($this->decide)($walk);
        if ($now->letsGo($covered)) {
            return;
        }
        $walk->update([
            'decision' => null, 'decided_by_id' => null, 'decided_at' => null, 'conditions' => [],
            'voided' => [
                'by_entry' => $entry->id,
                'reference' => $now->gravestBeyond($covered)?->reference,
                'released_by' => $walk->decided_by_id,
                'released_at' => $walk->decided_at?->toIso8601ZuluString('microsecond'),
            ],
        ]);
        $this->machine = null;
        HireState::query()->where('hire_id', $walk->hire_id)->update(['standing' => HireStatus::WalkingOut]);
        MachineStatus::query()->where('machine_id', $entry->machine_id)->update([
            'standing' => MachineStanding::Walking,
        ]);
    }

    /** A machine that is on no walk: what is open on it decides whether it looks free. */
    private function holdOverStops(LedgerEntry $entry): void
    {
        $onWalk = HireState::query()->whereHas(
            'hire',
            static fn ($hire) => $hire->withoutGlobalScopes()->where('machine_id', $entry->machine_id),
        )
            ->whereIn(
                'standing',
                [HireStatus::WalkingOut, HireStatus::Held, HireStatus::Ready, HireStatus::WalkingIn],
            )->exists();
        if ($onWalk) {
            return;
        }
        $stopped = Finding::query()->where('machine_id', $entry->machine_id)
            ->where('is_struck', false)
            ->whereNull('mended_at')
            ->where('severity', Severity::Stop)
            ->exists();
        $last = Walk::query()->where('machine_id', $entry->machine_id)
            ->whereNotNull('decision')
            ->orderByDesc('opened_at')
            ->orderByDesc('id')
            ->value('decision');
        $this->machine = null;
        MachineStatus::query()->where('machine_id', $entry->machine_id)->update([
            'standing' => $stopped || $last === Decision::Held ? MachineStanding::Held : MachineStanding::InYard,
        ]);
    }
}
