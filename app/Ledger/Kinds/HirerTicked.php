<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Hires\DayOfDuty;
use App\Hires\HandedOver;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\DutyDayJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\HirerTickedPayload;
use App\Ledger\PostedByLinkHolder;
use App\Ledger\ProgrammeOfModel;
use App\Models\HirerTick;
use App\Models\LedgerEntry;
use App\Models\User;
use JadeLedger\Core\Service\DoneBy;

/**
 * The hirer says that a point of the daily list is done, or is not. It stands as theirs and moves no service point.
 *
 * @implements EntryOfHire<HirerTickedPayload>
 */
final readonly class HirerTicked implements EntryOfHire, PostedByLinkHolder
{
    public function __construct(private DayOfDuty $day, private ProgrammeOfModel $programme)
    {
    }

    public static function name(): string
    {
        return 'hirer.ticked';
    }

    public static function payload(): string
    {
        return HirerTickedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return false;
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        HandedOver::mustBe($context->hire);
        $point = $this->programme->of($context->hire->machine->model_id)->points[$entry->payload->point] ?? null;
        if ($point === null || $point->doneBy !== DoneBy::Hirer) {
            throw ApiProblem::because(ProblemName::NoSuchDuty, 422);
        }

        return new DutyDayJudgement($this->day->of($entry->recordedAt)->text(), $point->name);
    }

    public function project(LedgerEntry $entry): void
    {
        $tick = HirerTick::query()->firstOrNew([
            'hire_id' => $entry->hire_id,
            'point' => HirerTickedPayload::read($entry->payload())->point,
            'day' => DutyDayJudgement::read($entry->judgement())->day,
        ], ['id' => $entry->id]);
        // What was said later counts, in whatever order it came in.
        if (! $tick->exists || $tick->said_at->lessThanOrEqualTo($entry->recorded_at)) {
            $tick->fill([
                'is_done' => HirerTickedPayload::read($entry->payload())->isDone,
                'said_at' => $entry->recorded_at,
            ])->save();
        }
    }
}
