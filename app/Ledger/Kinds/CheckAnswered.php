<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Payloads\CheckAnsweredPayload;
use App\Ledger\UpdateWalkLine;
use App\Models\FitQuestion;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Reading\JudgeLook;
use JadeLedger\Core\Reading\LookAnswer;
use JadeLedger\Core\Walk\Judgement;

/**
 * A check answered by eye, or an instrument that could not be read.
 *
 * @implements AnswersALine<CheckAnsweredPayload>
 */
final readonly class CheckAnswered implements AnswersALine
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'check.answered';
    }

    public static function payload(): string
    {
        return CheckAnsweredPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): AnswerJudgement
    {
        $line = $context->line($entry->payload->line);
        $answer = $entry->payload->answer;
        if (
            $line->check->answer !== AnswerKind::Look &&
            in_array($answer, [LookAnswer::AsItShouldBe, LookAnswer::Amiss], true)
        ) {
            throw ApiProblem::because(
                match ($line->check->answer) {
                    AnswerKind::FunctionTest => ProblemName::DoTheTest,
                    AnswerKind::Dashboard => ProblemName::ReadTheDashboard,
                    AnswerKind::Paper => ProblemName::CompareThePaper,
                    default => ProblemName::ReadTheInstrument,
                },
                422,
                ['title' => $line->check->title],
            );
        }
        if (! in_array($answer, (new JudgeLook)->answersTo($line->check), true)) {
            throw ApiProblem::because(
                $answer === LookAnswer::PutRight ? ProblemName::NotPutRightHere : ProblemName::PartIsFitted,
                422,
                ['title' => $line->check->title],
            );
        }
        if ($answer === LookAnswer::NotFitted && mb_strlen($entry->payload->words) < 3) {
            throw ApiProblem::because(
                ProblemName::SayHowItIsKnown,
                422,
                ['title' => $line->check->title],
                ['words' => [Words::say('problems.say_how_it_is_known.title')]],
            );
        }
        if ($answer === LookAnswer::CannotTell && $entry->payload->words === '') {
            throw ApiProblem::because(
                ProblemName::SayWhyNot,
                422,
                ['title' => $line->check->title],
                ['words' => [Words::say('problems.say_why_not.title')]],
            );
        }
        if (
            $entry->payload->isSaidTogether &&
            ! ($answer === LookAnswer::AsItShouldBe && $line->check->mayStandTogether())
        ) {
            throw ApiProblem::because(ProblemName::LookAtItAlone, 422, ['title' => $line->check->title]);
        }
        $notNow = $context->inAnotherState($line->check);
        if ($notNow !== null) {
            return AnswerJudgement::of($notNow);
        }

        return AnswerJudgement::of(
            Judgement::valid((new JudgeLook)->judge($line->check, $answer, $entry->payload->words)),
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
        $payload = CheckAnsweredPayload::read($entry->payload());
        if ($payload->answer === LookAnswer::NotFitted && AnswerJudgement::read($entry->judgement())->isValid) {
            FitQuestion::ask($entry, $payload->line, $payload->words);
        }
    }
}
