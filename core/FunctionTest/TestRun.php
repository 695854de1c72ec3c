<?php

declare(strict_types=1);

namespace JadeLedger\Core\FunctionTest;

/** A function test as far as it was done, step after step from the first. */
final readonly class TestRun
{
    /** @param  list<StepResponse>  $responses */
    private function __construct(public array $responses, public ?string $brokenOffBecause)
    {
    }

    /** @param  list<StepResponse>  $responses */
    public static function ended(array $responses): self
    {
        return new self($responses, null);
    }

    /**
     * @param list<StepResponse> $responses
     *
     * @throws TestRunDoesNotFit when no reason is given
     */
    public static function brokenOff(array $responses, string $because): self
    {
        $because = trim($because);

        return mb_strlen($because) < 3
            ? throw TestRunDoesNotFit::because(TestRunFault::NoReason)
            : new self($responses, $because);
    }

    /** The number, from 1, of the step that did not respond as expected. */
    public function failedAt(): ?int
    {
        foreach ($this->responses as $at => $response) {
            if (! $response->isAsExpected) {
                return $at + 1;
            }
        }

        return null;
    }
}
