<?php

declare(strict_types=1);

namespace JadeLedger\Core\FunctionTest;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * The verdict on a function test: it stands when every step responded as expected.
 *
 * Any deviation ends the test there and weighs as much as the check does. A test that was broken off proves nothing:
 * the
 * line stays open and is begun again from the first step. Common practice, no source.
 */
final readonly class JudgeFunctionTest
{
    /**
     * @param array<string, Quantity> $figures of the model, that the steps name
     *
     * @throws TestRunDoesNotFit
     */
    public function judge(Check $check, TestRun $run, array $figures = []): Verdict
    {
        $this->mustFit($check, $run);
        $failed = $run->failedAt();

        return match (true) {
            $failed !== null => $this->failed($check, $failed, $run->responses[$failed - 1], $figures),
            $run->brokenOffBecause !== null => Verdict::open(
                new Phrase('test.broken_off', [
                    'done' => (string) count($run->responses),
                    'count' => (string) count($check->test),
                    'because' => $run->brokenOffBecause,
                ]),
                [],
                $check->source,
                new Phrase('test.begin_again'),
            ),
            default => Verdict::stands(
                new Phrase('test.passed', ['count' => (string) count($check->test)]),
                [],
                $check->source,
            ),
        };
    }

    private function mustFit(Check $check, TestRun $run): void
    {
        $done = count($run->responses);
        $failed = $run->failedAt();
        $isThrough = $done === count($check->test);
        $isBrokenOff = $run->brokenOffBecause !== null;
        $fault = match (true) {
            $done > count($check->test) => TestRunFault::TooManySteps,
            $failed !== null && $failed < $done => TestRunFault::WentOn,
            $this->isHeldTooShort($check, $run) => TestRunFault::HeldTooShort,
            $failed === null && ! $isThrough && ! $isBrokenOff => TestRunFault::NoReason,
            $isBrokenOff && ($failed !== null || $isThrough) => TestRunFault::NothingLeft,
            default => null,
        };
        if ($fault !== null) {
            throw TestRunDoesNotFit::because($fault);
        }
    }

    private function isHeldTooShort(Check $check, TestRun $run): bool
    {
        foreach ($run->responses as $at => $response) {
            if ($response->isAsExpected && ($response->seconds ?? 0) < ($check->test[$at]->seconds ?? 0)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<string, Quantity>  $figures */
    private function failed(Check $check, int $number, StepResponse $response, array $figures): Verdict
    {
        $step = $check->test[$number - 1];
        $reason = new Phrase(
            'test.failed',
            [
                'step' => (string) $number,
                'do' => $step->do,
                'expect' => $step->expect,
                'observed' => $response->observed,
            ] + array_intersect_key($figures, array_flip($step->figures())),
        );
        $act = new Phrase('test.means', ['means' => $step->failMeans]);

        return ($step->severity ?? $check->severity) === Severity::Stop
            ? Verdict::stop($reason, [], $check->source, $act)
            : Verdict::attend($reason, [], $check->source, $act);
    }
}
