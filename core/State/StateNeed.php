<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/**
 * What a check needs the machine to be, and what it must not be.
 *
 * Of each aspect that the need speaks of, the machine has to show one of those that are named; of those that are
 * forbidden it may show none. What is not spoken of may be as it likes.
 */
final readonly class StateNeed
{
    /**
     * @param list<Aspect> $required several of one aspect are alternatives
     * @param list<Aspect> $forbidden
     */
    public function __construct(
        public string $id,
        public string $title,
        public array $required,
        public array $forbidden,
    ) {
    }

    public function isMetBy(MachineState $state): bool
    {
        $shown = $state->aspects();
        foreach ($this->forbidden as $aspect) {
            if (in_array($aspect, $shown, true)) {
                return false;
            }
        }
        $asked = [];
        foreach ($this->required as $aspect) {
            $asked[$aspect::class] = ($asked[$aspect::class] ?? false) || in_array($aspect, $shown, true);
        }

        return ! in_array(false, $asked, true);
    }
}
