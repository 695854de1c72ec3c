<?php

declare(strict_types=1);

namespace JadeLedger\Core\Yard;

/** When work on a hire has to begin at the latest, and how much slack is left. */
final readonly class LatestStart
{
    private function __construct(public \DateTimeImmutable $at, public int $slackSeconds)
    {
    }

    /**
     * @param int $workSeconds the walk and the handover
     * @param \DateTimeImmutable $earliest when the machine is at hand
     */
    public static function before(\DateTimeImmutable $due, int $workSeconds, \DateTimeImmutable $earliest): self
    {
        $at = $due->modify("-{$workSeconds} seconds");

        return new self($at, $at->getTimestamp() - $earliest->getTimestamp());
    }
}
