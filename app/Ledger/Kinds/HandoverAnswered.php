<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\HandoverOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\HandoverAnsweredJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\HandoverAnsweredPayload;
use App\Ledger\TellsTheCustomer;
use App\Models\Handover;
use App\Models\LedgerEntry;
use App\Models\User;
use JadeLedger\Core\Briefing\TeachBack;
use JadeLedger\Core\Catalogue\QuestionForm;

/**
 * Somebody who was briefed was asked back, and answered. Wrong answers are kept, too.
 *
 * @implements TellsTheCustomer<HandoverAnsweredPayload>
 */
final readonly class HandoverAnswered implements TellsTheCustomer
{
    public static function name(): string
    {
        return 'handover.answered';
    }

    public static function payload(): string
    {
        return HandoverAnsweredPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        HandoverOfWalk::releaseMustStand($context);
        $said = $entry->payload;
        $questions = array_column((new TeachBack($context->catalogue()))->for($context->model), null, 'id');
        $form = ($questions[$said->question] ?? null)?->forms[$said->form] ?? null;
        $words = $form?->answer($said->answer);
        if ($form === null || $words === null) {
            throw ApiProblem::because(ProblemName::NoSuchAnswer, 422);
        }

        return new HandoverAnsweredJudgement($said->answer === QuestionForm::RIGHT, $form->ask, $words);
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = HandoverAnsweredPayload::read($entry->payload());
        $handover = Handover::ofEntry($entry);
        $handover->answers = [...($handover->answers ?? []), $payload->question => $payload->answer];
        $handover->save();
    }
}
