<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Hires\HandedOver;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\HirerReportedPayload;
use App\Ledger\PostedByLinkHolder;
use App\Models\Hire;
use App\Models\HirerReport;
use App\Models\LedgerEntry;
use App\Models\Photo;
use App\Models\User;

/**
 * The hirer reports a fault. It tags nothing by itself: it is a question on the lead's day, and one on the return.
 *
 * @implements EntryOfHire<HirerReportedPayload>
 */
final class HirerReported implements EntryOfHire, PostedByLinkHolder
{
    public static function name(): string
    {
        return 'hirer.reported';
    }

    public static function payload(): string
    {
        return HirerReportedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return false;
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        HandedOver::mustBe($context->hire);
        $photo = $entry->payload->photo;
        if ($photo !== null && ! Photo::query()->whereKey($photo)->exists()) {
            throw ApiProblem::because(ProblemName::PhotoNotHere, 409);
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $said = HirerReportedPayload::read($entry->payload());
        HirerReport::query()->withoutGlobalScopes()->create([
            'id' => $entry->id,
            'yard_id' => Hire::query()->withoutGlobalScopes()->whereKey($entry->hire_id)->value('yard_id'),
            'hire_id' => $entry->hire_id,
            'machine_id' => $entry->machineId(),
            'words' => $said->words,
            'runs' => $said->runs,
            'phone' => $said->phone,
            'photo' => $said->photo,
            'reported_at' => $entry->recorded_at,
        ]);
    }
}
