<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\JudgementRecord;
use App\Ledger\Judgements\LimitsSetJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\LimitsSetPayload;
use App\Limits\FillSheetFor;
use App\Limits\SheetRecord;
use App\Limits\SheetsOfMachine;
use App\Models\HireLimit;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Presenters\PresentPhrase;
use JadeLedger\Core\Limits\Sheet\InputRefused;

/**
 * The limits that hold for a hire, as they were computed from the plate, the site and what somebody typed. The last
 * ones of a sheet count; they go into the briefing and onto the card.
 *
 * @implements EntryOfHire<LimitsSetPayload>
 */
final readonly class LimitsSet implements EntryOfHire
{
    public function __construct(private SheetsOfMachine $sheets, private FillSheetFor $fill)
    {
    }

    public static function name(): string
    {
        return 'limits.set';
    }

    public static function payload(): string
    {
        return LimitsSetPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->handsOver() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $machine = $context->hire->machine;
        $sheet = $this->sheets->sheetOf($machine, $entry->payload->sheet);
        $known = ($this->fill)($machine, $context->hire->id);
        try {
            $inputs = $known->inputs($sheet, $entry->payload->inputs);
            $result = $sheet->compute($inputs);
        } catch (InputRefused $refused) {
            throw ApiProblem::because(ProblemName::LimitsRefused, 422, [
                'why' => PresentPhrase::sentence(JudgementRecord::phrase($refused->phrase)),
            ]);
        }

        return new LimitsSetJudgement(
            $sheet->title,
            $machine->id,
            SheetRecord::inputs($inputs),
            SheetRecord::of($result),
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $judged = LimitsSetJudgement::read($entry->judgement());
        HireLimit::query()->updateOrCreate(
            ['hire_id' => $entry->hire_id, 'sheet' => LimitsSetPayload::read($entry->payload())->sheet],
            [
                'id' => $entry->id,
                'title' => $judged->title,
                'machine_id' => $judged->machineId,
                'inputs' => $judged->inputs,
                'result' => $judged->result,
                'set_at' => $entry->recorded_at,
                'set_by_id' => $entry->actor_id,
            ],
        );
    }
}
