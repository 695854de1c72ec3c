<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Source\Source;

/** One line of the table by which a finding is graded; the first line that matches decides. */
final readonly class TriageRule
{
    /**
     * @param list<string> $kinds an empty list matches every kind
     * @param list<string> $systems an empty list matches every system
     * @param list<string> $degrees an empty list matches every degree
     */
    public function __construct(
        public string $id,
        public array $kinds,
        public array $systems,
        public array $degrees,
        public int $atLeastMillimetres,
        public Severity $severity,
        public string $reason,
        public Source $source,
    ) {
    }
}
