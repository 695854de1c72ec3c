<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Payloads\TestAnsweredPayload;
use App\Ledger\Payloads\TestStepPayload;
use App\Ledger\UpdateWalkLine;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\FunctionTest\JudgeFunctionTest;
use JadeLedger\Core\FunctionTest\StepResponse;
use JadeLedger\Core\FunctionTest\TestRun;
use JadeLedger\Core\FunctionTest\TestRunDoesNotFit;
use JadeLedger\Core\Walk\Judgement;

/**
 * A function test was done, as far as it went.
 *
 * @implements AnswersALine<TestAnsweredPayload>
 */
final readonly class TestAnswered implements AnswersALine
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'test.answered';
    }

    public static function payload(): string
    {
        return TestAnsweredPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): AnswerJudgement
    {
        $check = $context->line($entry->payload->line)->check;
        if ($check->answer !== AnswerKind::FunctionTest) {
            throw ApiProblem::because(ProblemName::NotATest, 422, ['title' => $check->title]);
        }
        $notNow = $context->inAnotherState($check);
        if ($notNow !== null) {
            return AnswerJudgement::of($notNow);
        }
        try {
            return AnswerJudgement::of(Judgement::valid((new JudgeFunctionTest)->judge(
                $check,
                $this->run($entry->payload),
                $context->model->stated($check->figures()),
            )));
        } catch (TestRunDoesNotFit $misfit) {
            $why = "test_{$misfit->fault->value}";
            throw ApiProblem::because(
                ProblemName::from($why),
                422,
                ['title' => $check->title, 'count' => count($check->test)],
                ['steps' => [Words::say("problems.{$why}.title")]],
            );
        }
    }

    /** @throws TestRunDoesNotFit */
    private function run(TestAnsweredPayload $said): TestRun
    {
        $responses = array_map(static fn (TestStepPayload $step): StepResponse => $step->isAsExpected
            ? StepResponse::asExpected($step->seconds)
            : StepResponse::otherwise($step->observed), $said->steps);

        return $said->brokenOff === null
            ? TestRun::ended($responses)
            : TestRun::brokenOff($responses, $said->brokenOff);
    }

    public function project(LedgerEntry $entry): void
    {
        $this->lines->answerAsJudged($entry);
    }
}
