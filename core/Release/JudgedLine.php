<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Verdict\Outcome;

/** A line of the walk, or a finding, as the decision sees it. */
final readonly class JudgedLine
{
    private function __construct(
        public string $reference,
        public string $title,
        public Severity $severity,
        public Outcome $outcome,
        public bool $isFinding,
    ) {
    }

    public static function check(string $key, string $title, Severity $severity, Outcome $outcome): self
    {
        return new self($key, $title, $severity, $outcome, false);
    }

    /** Work that is due, or falls due while the machine is out. */
    public static function service(string $reference, string $title, Severity $severity): self
    {
        return new self($reference, $title, $severity, Outcome::Attend, false);
    }

    public static function finding(string $id, string $title, Severity $severity): self
    {
        return new self($id, $title, $severity, $severity === Severity::Stop ? Outcome::Stop : Outcome::Attend, true);
    }
}
