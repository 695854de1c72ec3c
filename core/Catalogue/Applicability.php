<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

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

    public function holdsFor(Features $features): bool
    {
        foreach ($this->all as $wanted) {
            if (! $features->has($wanted)) {
                return false;
            }
        }
        foreach ($this->none as $unwanted) {
            if ($features->has($unwanted)) {
                return false;
            }
        }

        return $this->any === [] || array_filter($this->any, $features->has(...)) !== [];
    }
}
