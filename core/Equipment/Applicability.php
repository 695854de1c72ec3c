<?php

declare(strict_types=1);

namespace JadeLedger\Core\Equipment;

/** When something of the catalogue concerns a machine: all of these features, any of those, none of the others. */
final readonly class Applicability
{
    /**
     * @param list<string> $all
     * @param list<string> $any an empty list asks for nothing
     * @param list<string> $none
     */
    public function __construct(public array $all = [], public array $any = [], public array $none = [])
    {
    }

    /** Whether a machine has to have something for it; what is asked of every machine is about no part. */
    public function asksForParts(): bool
    {
        return $this->all !== [] || $this->any !== [];
    }

    public function holdsFor(Features $features): bool
    {
        return $this->reasonFor($features)->applies();
    }

    public function reasonFor(Features $features): Reason
    {
        $has = $features->has(...);
        $found = array_values(array_filter($this->any, $has));

        return new Reason(
            [...array_values(array_filter($this->all, $has)), ...$found],
            [
                ...array_values(array_filter($this->all, static fn (string $name): bool => ! $has($name))),
                ...$found === [] ? $this->any : [],
            ],
            array_values(array_filter($this->none, $has)),
        );
    }
}
