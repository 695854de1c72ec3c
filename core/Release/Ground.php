<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Verdict\Outcome;

/** One reason for a decision: a line or a finding and what it says. */
final readonly class Ground
{
    public function __construct(
        public string $reference,
        public string $title,
        public Outcome $outcome,
        public Severity $severity,
        public Remedy $liftedBy,
    ) {
    }
}
