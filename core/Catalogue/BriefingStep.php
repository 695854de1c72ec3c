<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** One step that a customer is told and shown. */
final readonly class BriefingStep
{
    /**
     * @param int|null $timerSeconds how long the step takes where time matters
     * @param string|null $timerLimit the name under which the model keeps that time
     */
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
        public ?string $timerLimit = null,
    ) {
    }

    /** The same step on a machine whose model says how long it takes. */
    public function taking(int $seconds): self
    {
        return new self(...['timerSeconds' => $seconds] + get_object_vars($this));
    }
}
