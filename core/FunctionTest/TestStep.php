<?php

declare(strict_types=1);

namespace JadeLedger\Core\FunctionTest;

/** One step of a function test: what is done, how the machine has to respond, and what it means when it does not. */
final readonly class TestStep
{
    /** @param  int|null  $seconds for how long it is held or waited; none where no time matters */
    public function __construct(public string $do, public string $expect, public string $failMeans, public ?int $seconds = null)
    {
    }
}
