<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Catalogue\Check;
use JadeLedger\Core\Catalogue\Severity;

/** A check answered by eye: what is amiss weighs as much as the check does. Common practice, no source. */
final readonly class JudgeLook
{
    public function judge(Check $check, LookAnswer $answer): Verdict
    {
        $accept = new Phrase('look.accept', ['accept' => $check->accept]);
        $act = new Phrase('look.act', ['act' => $check->ifNot]);

        return match ($answer) {
            LookAnswer::AsItShouldBe => Verdict::stands($accept, [], $check->source),
            LookAnswer::CannotTell => Verdict::open(new Phrase('look.cannot_tell'), [], $check->source),
            LookAnswer::Amiss => $check->severity === Severity::Stop
                ? Verdict::stop(new Phrase('look.not', ['accept' => $check->accept]), [], $check->source, $act)
                : Verdict::attend(new Phrase('look.not', ['accept' => $check->accept]), [], $check->source, $act),
        };
    }
}
