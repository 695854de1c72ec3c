<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Source\Source;

/** One step that a customer is told and shown. */
final readonly class BriefingStep
{
    /**
     * @param int|null $timerSeconds how long the step takes where time matters
     * @param string|null $timerLimit the name under which the model keeps that time
     * @param list<string> $after ids of steps that come first wherever both are told
     * @param bool $byHand whether the customer does it with their own hands
     * @param bool $ofThisModel whether it differs from model to model
     * @param list<Wear> $wear
     * @param Season|null $season outside of which it is left out, unless somebody said otherwise of the place
     * @param array<string, string> $controls where the control lies, by the name of the close-up that shows it
     * @param string|null $site question of the site that leaves it out where the answer is no
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
        public ?string $timerLimit,
        public SignalWord $level,
        public array $after,
        public bool $byHand,
        public bool $ofThisModel,
        public array $wear,
        public ?string $site = null,
        public array $controls = [],
        public ?Season $season = null,
    ) {
    }

    /**
     * Where its control lies on a machine, on the first of its close-ups that such a machine has.
     *
     * @param list<CloseUp> $closeUps
     */
    public function controlOn(array $closeUps, Features $features): ?ControlPlace
    {
        $drawn = array_map(static fn (CloseUp $one): ?string => $one->drawingFor($features), $closeUps);
        foreach ($this->controls as $drawing => $anchor) {
            if (in_array($drawing, $drawn, true)) {
                return new ControlPlace($drawing, $anchor);
            }
        }

        return null;
    }

    /** The same step on a machine whose model says how long it takes. */
    public function taking(int $seconds): self
    {
        // @phpstan-ignore argument.type (its own members)
        return new self(...['timerSeconds' => $seconds] + get_object_vars($this));
    }
}
