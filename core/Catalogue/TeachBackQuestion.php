<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;

/** What somebody who was briefed is asked back, in several forms: one who was wrong is asked in another. */
final readonly class TeachBackQuestion
{
    /**
     * @param string $step id of the step of the briefing that it asks for
     * @param list<QuestionForm> $forms at least two
     */
    public function __construct(
        public string $id,
        public string $step,
        public Applicability $applies,
        public array $forms,
    ) {
    }
}
