<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\HireOutAlreadyJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\OpeningOfWalk;
use App\Ledger\Payloads\Reasoned;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\User;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Catalogue\Movement;

/**
 * A machine left without a walk in this record: before the yard began to keep it, or on paper. It is out since the
 * hire began, its return is walked as any other, and there is no Out column to hold it against.
 *
 * @implements EntryOfHire<Reasoned>
 */
final class HireOutAlready implements EntryOfHire
{
    public static function name(): string
    {
        return 'hire.out_already';
    }

    public static function payload(): string
    {
        return Reasoned::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $hire = $context->hire->refresh();
        if ($hire->standing() !== HireStatus::Booked) {
            throw ApiProblem::because(ProblemName::HireHasBegun, 409, ['folio' => $hire->folio]);
        }
        if ($hire->goes_out_at->greaterThan($entry->recordedAt)) {
            throw ApiProblem::because(ProblemName::HireBeginsLater, 409, ['folio' => $hire->folio]);
        }
        // Nothing leaves over a stop by being said to have left.
        OpeningOfWalk::mustBeDue($hire, Movement::Checkout);
        $standing = $hire->machine->refresh()->state?->standing;
        if ($standing !== null && $standing !== MachineStanding::InYard) {
            throw ApiProblem::because(ProblemName::StopStands, 409, ['number' => $hire->machine->fleet_number]);
        }

        return new HireOutAlreadyJudgement(CarbonImmutable::instance($hire->goes_out_at));
    }

    public function project(LedgerEntry $entry): void
    {
        $since = HireOutAlreadyJudgement::read($entry->judgement())->since;
        HireState::query()->updateOrCreate(
            ['hire_id' => $entry->hire_id],
            ['standing' => HireStatus::Out, 'out_at' => $since],
        );
        MachineStatus::query()->updateOrCreate(
            ['machine_id' => $entry->machineId()],
            ['standing' => MachineStanding::Out],
        );
    }
}
