<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use JadeLedger\Core\Ledger\Checkpoint;

/** The checkpoints that hold, oldest first, and what is wrong with the others. */
final readonly class CheckpointsRead
{
    /**
     * @param list<Checkpoint> $checkpoints
     * @param list<string> $faults
     */
    public function __construct(public array $checkpoints, public array $faults)
    {
    }

    public function newest(): ?Checkpoint
    {
        return $this->checkpoints === [] ? null : $this->checkpoints[count($this->checkpoints) - 1];
    }
}
