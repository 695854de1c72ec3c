<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Check\CarryRule;
use JadeLedger\Core\Check\CarrySchool;
use JadeLedger\Core\Equipment\Features;

/** The yard's own choices where practitioners differ. */
final readonly class HouseRules
{
    /**
     * @param list<HouseRule> $all every rule with its schools, those that have a field of their own among them
     * @param list<StatedDefault> $stated what is not for a yard to choose
     */
    public function __construct(
        public Corner $startCorner,
        public Turn $turn,
        public int $handoverMarginMinutes,
        public FirstVisit $firstVisit,
        public array $all = [],
        public array $stated = [],
        public CarryRule $carried = new CarryRule(CarrySchool::Nothing, 0),
    ) {
    }

    /** What stands against answering a rule like this as long as the others are answered as they are. */
    public function contradictionOf(HouseRule $rule, string $value): ?Contradiction
    {
        foreach ($this->all as $other) {
            $ours = $other->id === $rule->id ? null : $other->choice();
            foreach ($rule->school($value)->contradicts ?? [] as $contradiction) {
                if ($contradiction->rule === $other->id && $contradiction->school === $other->value) {
                    return $contradiction;
                }
            }
            foreach ($ours->contradicts ?? [] as $contradiction) {
                if ($contradiction->rule === $rule->id && $contradiction->school === $value) {
                    return new Contradiction($other->id, $other->value, $contradiction->because);
                }
            }
        }

        return null;
    }

    /** What a machine has because of the choices: checks, lines and steps are chosen by it. */
    public function featuresFor(Features $machine): Features
    {
        return new Features(
            array_merge(
                ...array_map(
                    static fn (HouseRule $rule): array => $rule->choice()?->grantedFeatures($machine)->names ?? [],
                    $this->all,
                ),
            ),
        );
    }
}
