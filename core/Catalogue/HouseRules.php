<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** The yard's own choices where practitioners differ. */
final readonly class HouseRules
{
    /** @param  list<HouseRule>  $all every rule with its schools, those that have a field of their own among them */
    public function __construct(
        public Corner $startCorner,
        public Turn $turn,
        public int $handoverMarginMinutes,
        public FirstVisit $firstVisit,
        public array $all = [],
    ) {
    }

    /** What every machine of the yard has because of the choices: checks, lines and steps are chosen by it. */
    public function features(): Features
    {
        return new Features(array_merge(...array_map(static fn (HouseRule $rule): array => $rule->choice()->gives ?? [], $this->all)));
    }
}
