<?php

declare(strict_types=1);

namespace JadeLedger\Core\FunctionTest;

/** How the machine responded to one step. */
final readonly class StepResponse
{
    private function __construct(public bool $isAsExpected, public string $observed, public ?int $seconds)
    {
    }

    /** @param  int|null  $seconds for how long it was held or waited, by the clock of the tablet; a step that asks for it is not taken without */
    public static function asExpected(?int $seconds = null): self
    {
        return new self(true, '', $seconds);
    }

    /** @throws TestRunDoesNotFit when nothing is said of what was observed */
    public static function otherwise(string $observed): self
    {
        $observed = trim($observed);

        return mb_strlen($observed) < 3
            ? throw TestRunDoesNotFit::because(TestRunFault::NothingObserved)
            : new self(false, $observed, null);
    }
}
