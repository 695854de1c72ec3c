<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/**
 * One step of a function test: what is done, how the machine has to respond, and what it means when it does not.
 *
 * A name in braces stands for a figure of the model, and ends with what it is: "Halts at
 * {axles_in_angle}", "Sinks no more than {mast_creep_length}".
 */
final readonly class TestStep
{
    /**
     * @param int|null $seconds for how long it is held or waited; none where no time matters
     * @param Severity|null $severity of its failure, where that is less grave than the check's
     */
    public function __construct(
        public string $do,
        public string $expect,
        public string $failMeans,
        public ?int $seconds = null,
        public ?Severity $severity = null,
    ) {
    }

    /** @return list<string> names of the limits of a model whose figures it names */
    public function figures(): array
    {
        preg_match_all(
            '/\{([a-z][a-z0-9_]*_(?:angle|length))\}/',
            "{$this->do} {$this->expect} {$this->failMeans}",
            $names,
        );

        return array_values(array_unique($names[1]));
    }
}
