<?php

declare(strict_types=1);

namespace JadeLedger\Core\Finding;

use JadeLedger\Core\Check\Severity;

/**
 * Who may change how grave a finding is: anybody who walks may raise it, only the lead may lower it, with a reason.
 */
final readonly class SeverityChange
{
    public function __construct(private Severity $from, private Severity $to, private string $reason)
    {
    }

    public function isLowering(): bool
    {
        return $this->from->isGraverThan($this->to);
    }

    public function lacksReason(): bool
    {
        return $this->isLowering() && trim($this->reason) === '';
    }
}
