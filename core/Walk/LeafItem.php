<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/**
 * What is answered by one touch, or by the act that says several things together: a look, or a step of a function test.
 */
final readonly class LeafItem
{
    /**
     * @param int|null $step which step of the test, from 0; none of a look
     * @param bool $isAlone whether it has a touch of its own
     */
    private function __construct(public PlannedLine $line, public ?int $step, public bool $isAlone)
    {
    }

    public static function look(PlannedLine $line): self
    {
        return new self($line, null, ! $line->check->mayStandTogether());
    }

    public static function step(PlannedLine $line, int $step): self
    {
        return new self($line, $step, $line->check->isTouchedAlone($line->check->test[$step]));
    }
}
