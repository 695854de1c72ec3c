<?php

declare(strict_types=1);

namespace JadeLedger\Core\Finding;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Source\Source;

final readonly class Proposal
{
    public function __construct(
        public Severity $severity,
        public string $ruleId,
        public string $reason,
        public Source $source,
    ) {
    }
}
