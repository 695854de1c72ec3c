<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\IncomingEntry;
use App\Ledger\JudgementRecord;
use App\Ledger\PostingContext;
use App\Ledger\UpdateWalkLine;
use App\Models\FitQuestion;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\Reading\JudgeLook;
use JadeLedger\Core\Reading\Judgement;
use JadeLedger\Core\Reading\LookAnswer;

/** A check answered by eye, or an instrument that could not be read. */
final readonly class CheckAnswered implements AnswersALine
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'check.answered';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $line = $context->line($entry->text('line'));
        $answer = LookAnswer::from($entry->text('answer'));
        if ($line->check->answer !== AnswerKind::Look && in_array($answer, [LookAnswer::AsItShouldBe, LookAnswer::Amiss], true)) {
            throw ApiProblem::because(match ($line->check->answer) {
                AnswerKind::FunctionTest => ProblemName::DoTheTest,
                AnswerKind::Dashboard => ProblemName::ReadTheDashboard,
                AnswerKind::Paper => ProblemName::CompareThePaper,
                default => ProblemName::ReadTheInstrument,
            }, 422, ['title' => $line->check->title]);
        }
        if (! in_array($answer, (new JudgeLook)->answersTo($line->check), true)) {
            throw ApiProblem::because(
                $answer === LookAnswer::PutRight ? ProblemName::NotPutRightHere : ProblemName::PartIsFitted,
                422,
                ['title' => $line->check->title],
            );
        }
        if ($answer === LookAnswer::NotFitted && mb_strlen(trim($entry->text('words'))) < 3) {
            throw ApiProblem::because(
                ProblemName::SayHowItIsKnown,
                422,
                ['title' => $line->check->title],
                ['words' => [Words::say('problems.say_how_it_is_known.title')]],
            );
        }
        if ($answer === LookAnswer::CannotTell && trim($entry->text('words')) === '') {
            throw ApiProblem::because(ProblemName::SayWhyNot, 422, ['title' => $line->check->title], ['words' => [Words::say('problems.say_why_not.title')]]);
        }
        if (($entry->payload->together ?? false) === true && ! ($answer === LookAnswer::AsItShouldBe && $line->check->mayStandTogether())) {
            throw ApiProblem::because(ProblemName::LookAtItAlone, 422, ['title' => $line->check->title]);
        }
        $notNow = $context->inAnotherState($line->check);
        if ($notNow !== null) {
            return JudgementRecord::of($notNow);
        }

        return JudgementRecord::of(Judgement::valid((new JudgeLook)->judge($line->check, $answer, trim($entry->text('words')))));
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
        if ($entry->payload()['answer'] === LookAnswer::NotFitted->value && $entry->judgement()['is_valid'] === true) {
            FitQuestion::ask($entry);
        }
    }
}
