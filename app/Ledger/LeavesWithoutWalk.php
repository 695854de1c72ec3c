<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\Judgements\HireOutAlreadyJudgement;
use App\Ledger\Payloads\Reasoned;
use App\Models\Hire;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Check\Movement;

/** What has been out since its hire began, without a walk in this record. */
final class LeavesWithoutWalk
{
    /**
     * @param IncomingEntry<Reasoned> $entry
     *
     * @throws ApiProblem
     */
    public static function judge(IncomingEntry $entry, HireContext $context): HireOutAlreadyJudgement
    {
        $hire = $context->hire->refresh();
        if ($hire->standing() !== HireStatus::Booked) {
            throw ApiProblem::because(ProblemName::HireHasBegun, 409, ['folio' => $hire->folio]);
        }
        if ($hire->goes_out_at->greaterThan($entry->recordedAt)) {
            throw ApiProblem::because(ProblemName::HireBeginsLater, 409, ['folio' => $hire->folio]);
        }
        self::mustBeFree($hire);

        return new HireOutAlreadyJudgement(CarbonImmutable::instance($hire->goes_out_at));
    }

    public static function project(LedgerEntry $entry): void
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

    /** @throws ApiProblem nothing leaves over a stop by being said to have left */
    private static function mustBeFree(Hire $hire): void
    {
        OpeningOfWalk::mustBeDue($hire, Movement::Checkout);
        $standing = $hire->machine->refresh()->state?->standing;
        if ($standing !== null && $standing !== MachineStanding::InYard) {
            throw ApiProblem::because(ProblemName::StopStands, 409, ['number' => $hire->machine->fleet_number]);
        }
    }
}
