<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Source\Source;

/** A question on which practitioners differ: the schools, which one this yard follows, and why that is the default. */
final readonly class HouseRule
{
    /** @param  list<RuleOption>  $schools */
    public function __construct(
        public string $id,
        public string $title,
        public string $value,
        public array $schools,
        public string $why,
        public Source $source,
    ) {
    }

    /**
     * Whether the rule can be answered like this: by one of its schools, or, where it has but one, by a whole number
     * up to 120.
     */
    public function takes(string $value): bool
    {
        if (count($this->schools) === 1) {
            return preg_match('/^\d{1,3}$/', $value) === 1 && (int) $value <= 120;
        }

        return array_filter($this->schools, static fn (RuleOption $school): bool => $school->id === $value) !== [];
    }

    /** The school that is followed; none where the rule is a number. */
    public function choice(): ?RuleOption
    {
        return $this->school($this->value);
    }

    public function school(string $id): ?RuleOption
    {
        foreach ($this->schools as $school) {
            if ($school->id === $id) {
                return $school;
            }
        }

        return null;
    }
}
