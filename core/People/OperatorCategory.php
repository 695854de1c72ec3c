<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Source\Source;

/** A kind of machine, or a task on one, that the people of a hirer are proved and evaluated for. */
final readonly class OperatorCategory
{
    /** @param  int|null  $evaluationMonths after which an evaluation is made again; none where none is asked */
    public function __construct(
        public string $id,
        public string $name,
        public Applicability $applies,
        public ?int $evaluationMonths,
        public Source $source,
    ) {
    }
}
