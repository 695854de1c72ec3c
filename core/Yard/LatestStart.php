<?php

declare(strict_types=1);

namespace JadeLedger\Core\Yard;

/** When work on a hire has to begin at the latest. */
final readonly class LatestStart
{
    private function __construct(public \DateTimeImmutable $at)
    {
    }

    /** @param  int  $workSeconds the walk and the handover */
    public static function before(\DateTimeImmutable $due, int $workSeconds): self
    {
        return new self($due->modify("-{$workSeconds} seconds"));
    }
}
