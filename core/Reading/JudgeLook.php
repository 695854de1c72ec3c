<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/** A check answered by eye: what is amiss weighs as much as the check does. Common practice, no source. */
final readonly class JudgeLook
{
    /** @param  string  $words what whoever looked says about it */
    public function judge(Check $check, LookAnswer $answer, string $words = ''): Verdict
    {
        $accept = new Phrase('look.accept', ['accept' => $check->accept]);
        $act = new Phrase('look.act', ['act' => $check->ifNot]);

        return match ($answer) {
            LookAnswer::AsItShouldBe => Verdict::stands($accept, [], $check->source),
            LookAnswer::PutRight => Verdict::stands(
                new Phrase('look.put_right', ['accept' => $check->accept]),
                [],
                $check->source,
            ),
            LookAnswer::NotFitted => Verdict::stands(
                new Phrase('look.not_fitted', ['words' => $words]),
                [],
                $check->source,
                new Phrase('look.ask_the_lead'),
            ),
            LookAnswer::CannotTell => Verdict::open(new Phrase('look.cannot_tell'), [], $check->source),
            LookAnswer::Amiss => $check->severity === Severity::Stop
                ? Verdict::stop(new Phrase('look.not', ['accept' => $check->accept]), [], $check->source, $act)
                : Verdict::attend(new Phrase('look.not', ['accept' => $check->accept]), [], $check->source, $act),
        };
    }

    /**
     * What may be said of a check. A part is said to be missing only where the model brings the line, and never one
     * that
     * can stop the machine or that keeps a state shut: who finds nothing there has found a fault. Common practice, no
     * source.
     *
     * @return list<LookAnswer>
     */
    public function answersTo(Check $check): array
    {
        $answers = [LookAnswer::CannotTell];
        if ($check->applies->asksForParts() && $check->severity !== Severity::Stop && $check->standsBefore === null) {
            $answers[] = LookAnswer::NotFitted;
        }
        if ($check->answer === AnswerKind::Look) {
            array_push($answers, LookAnswer::AsItShouldBe, LookAnswer::Amiss);
            if ($check->canBePutRight) {
                $answers[] = LookAnswer::PutRight;
            }
        }

        return $answers;
    }
}
