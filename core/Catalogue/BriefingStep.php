<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** One step that a customer is told and shown. */
final readonly class BriefingStep
{
    /** @param  int|null  $timerSeconds how long the step takes where time matters */
    public function __construct(
        public string $id,
        public BriefingKind $kind,
        public int $order,
        public string $name,
        public string $instruction,
        public string $why,
        public string $caution,
        public Applicability $applies,
        public ?string $part,
        public ?int $timerSeconds,
        public ?string $timerLabel,
        public Source $source,
    ) {
    }
}
