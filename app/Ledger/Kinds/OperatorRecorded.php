<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\OperatorRecordedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\OperatorRecordedPayload;
use App\Models\LedgerEntry;
use App\Models\Operator;
use App\Models\Photo;
use App\Models\User;
use App\Presenters\WrittenDate;
use App\Yards\CurrentYard;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\NotADate;

/**
 * What was seen of somebody who operates machines for a hirer: proof, evaluation, a code of their own. It is kept with
 * the hirer and found again at the next hire; the last record of a person and a category counts.
 *
 * @implements EntryOfHire<OperatorRecordedPayload>
 */
final readonly class OperatorRecorded implements EntryOfHire
{
    public function __construct(private CatalogueRepository $catalogue, private CurrentYard $yard)
    {
    }

    public static function name(): string
    {
        return 'operator.recorded';
    }

    public static function payload(): string
    {
        return OperatorRecordedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->handsOver() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $seen = $entry->payload;
        $categories = array_column($this->catalogue->current()->operatorCategories, null, 'id');
        if (! isset($categories[$seen->category])) {
            throw ApiProblem::because(ProblemName::NoSuchOperatorCategory, 422, ['category' => $seen->category]);
        }
        $today = $this->yard->dayOf($entry->recordedAt);
        foreach ([$seen->inspectionOn, $seen->courseOn] as $day) {
            // Nobody was evaluated tomorrow.
            if ($day !== null && $today->isBefore($this->day($day))) {
                throw ApiProblem::because(ProblemName::DayToCome, 422, ['day' => WrittenDate::ifDay($day)]);
            }
        }
        if ($seen->validUntil !== null) {
            $this->day($seen->validUntil);
        }

        if ($seen->photo !== null && ! Photo::query()->whereKey($seen->photo)->exists()) {
            throw ApiProblem::because(ProblemName::PhotoNotHere, 409);
        }

        return new OperatorRecordedJudgement($context->hire->customer_id);
    }

    public function project(LedgerEntry $entry): void
    {
        $seen = OperatorRecordedPayload::read($entry->payload());
        Operator::query()->updateOrCreate(
            [
                'customer_id' => OperatorRecordedJudgement::read($entry->judgement())->hirerId,
                'same' => mb_strtolower($seen->name),
                'category' => $seen->category,
            ],
            [
                'id' => $entry->id,
                'name' => $seen->name,
                'issuer' => $seen->issuer,
                'number' => $seen->number,
                'valid_until' => $seen->validUntil,
                'inspection_on' => $seen->inspectionOn,
                'course_on' => $seen->courseOn,
                'evaluator' => $seen->evaluator,
                'has_own_code' => $seen->hasOwnCode,
                'photo' => $seen->photo,
                'recorded_at' => $entry->recorded_at,
                'recorded_by_id' => $entry->actor_id,
            ],
        );
    }

    /** @throws ApiProblem */
    private function day(string $text): CalendarDate
    {
        try {
            return CalendarDate::parse($text);
        } catch (NotADate) {
            throw ApiProblem::because(ProblemName::NoSuchDay, 422, ['date' => $text]);
        }
    }
}
