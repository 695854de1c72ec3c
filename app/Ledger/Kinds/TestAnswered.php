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
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\FunctionTest\JudgeFunctionTest;
use JadeLedger\Core\FunctionTest\StepResponse;
use JadeLedger\Core\FunctionTest\TestRun;
use JadeLedger\Core\FunctionTest\TestRunDoesNotFit;
use JadeLedger\Core\Reading\Judgement;

/** A function test was done, as far as it went. */
final readonly class TestAnswered implements AnswersALine
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'test.answered';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $check = $context->line($entry->text('line'))->check;
        if ($check->answer !== AnswerKind::FunctionTest) {
            throw ApiProblem::because(ProblemName::NotATest, 422, ['title' => $check->title]);
        }
        $notNow = $context->inAnotherState($check);
        if ($notNow !== null) {
            return JudgementRecord::of($notNow);
        }
        try {
            return JudgementRecord::of(Judgement::valid((new JudgeFunctionTest)->judge($check, $this->run($entry))));
        } catch (TestRunDoesNotFit $misfit) {
            $why = "test_{$misfit->fault->value}";
            throw ApiProblem::because(ProblemName::from($why), 422, ['title' => $check->title, 'count' => count($check->test)], ['steps' => [Words::say("problems.{$why}.title")]]);
        }
    }

    /** @throws TestRunDoesNotFit */
    private function run(IncomingEntry $entry): TestRun
    {
        $responses = array_map(static fn (\stdClass $step): StepResponse => $step->as_expected
            ? StepResponse::asExpected($step->seconds ?? null)
            : StepResponse::otherwise((string) ($step->observed ?? '')), array_values($entry->payload->steps));
        $because = $entry->optional('broken_off');

        return $because === null ? TestRun::ended($responses) : TestRun::brokenOff($responses, $because);
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
    }
}
