<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

final readonly class VerificationReport
{
    /**
     * @param list<string> $faults in words
     * @param string|null $notice what is no fault and should be known
     */
    public function __construct(public int $chains, public int $entries, public array $faults, public ?string $notice)
    {
    }

    public function holds(): bool
    {
        return $this->faults === [];
    }
}
