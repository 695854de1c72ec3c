<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Features;

/** One answer to a house rule, and the reason of those who give it. */
final readonly class RuleOption
{
    /**
     * @param list<string> $gives features that every machine of the yard has under it
     * @param array<string, list<string>> $givesWhere features that only machines with the feature of the key have under it
     * @param list<Contradiction> $contradicts
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $why,
        public array $gives,
        public array $givesWhere = [],
        public array $contradicts = [],
    ) {
    }

    /** What a machine has because of this school. */
    public function grantedFeatures(Features $machine): Features
    {
        $where = array_filter($this->givesWhere, $machine->has(...), ARRAY_FILTER_USE_KEY);

        return new Features([...$this->gives, ...array_merge(...array_values($where))]);
    }

    /** @return list<string> everything that it may give to some machine */
    public function gifts(): array
    {
        return array_values(array_unique([...$this->gives, ...array_merge(...array_values($this->givesWhere))]));
    }
}
