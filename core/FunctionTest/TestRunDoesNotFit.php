<?php

declare(strict_types=1);

namespace JadeLedger\Core\FunctionTest;

use JadeLedger\Core\Refusal;

/** An account of a function test that contradicts the test. */
final class TestRunDoesNotFit extends \DomainException implements Refusal
{
    private function __construct(public readonly TestRunFault $fault)
    {
        parent::__construct("The account does not fit the test: {$fault->value}.");
    }

    public static function because(TestRunFault $fault): self
    {
        return new self($fault);
    }
}
