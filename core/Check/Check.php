<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\State\StateNeed;

/** One thing that is looked at or read, written once and chosen by features. */
final readonly class Check
{
    /**
     * @param list<string> $places where on a machine it is done; a check with two places becomes two lines
     * @param list<Occasion> $occasions when it is due
     * @param list<string> $after checks that must have been done before this one
     * @param string|null $standsBefore the stage that may not be entered until this check stands
     * @param list<string> $conditions ids of the validity conditions of a reading
     * @param list<string> $looks what the liquid may look like
     * @param array<string, list<Occasion>> $occasionsWith more occasions, by the feature that brings them
     * @param list<TestStep> $test the steps of a function test, in the order in which they are done
     * @param bool $canBePutRight whether what is amiss may be corrected on the spot and looked at again
     * @param bool $asksNumber whether a gate of the handover wants the number of what was seen
     * @param int $standsForDays for how long an answer may stand while nothing changed; none beyond the walk
     * @param string|null $limits the name under which the model keeps this instrument's limits
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $how,
        public string $accept,
        public string $ifNot,
        public string $group,
        public array $places,
        public StateNeed $needs,
        public Applicability $applies,
        public array $occasions,
        public Severity $severity,
        public int $seconds,
        public AnswerKind $answer,
        public Source $source,
        public array $after = [],
        public ?string $standsBefore = null,
        public array $conditions = [],
        public array $looks = [],
        public ?string $limits = null,
        public array $occasionsWith = [],
        public array $test = [],
        public ?Paper $paper = null,
        public bool $canBePutRight = false,
        public bool $asksNumber = false,
        public int $standsForDays = 0,
    ) {
    }

    public function concerns(Features $features, Movement $movement): bool
    {
        return in_array($movement->occasion(), $this->dueOn($features), true) && $this->applies->holdsFor($features);
    }

    /** @return list<string> names of the limits of a model whose figures the steps of its test name */
    public function figures(): array
    {
        return array_values(array_unique(array_merge(
            ...array_map(static fn (TestStep $step): array => $step->figures(), $this->test),
        )));
    }

    /**
     * Whether it may be said to stand together with others at its station: a look that stops nothing. What stops a
     * machine is looked at on its own.
     */
    public function mayStandTogether(): bool
    {
        return $this->answer === AnswerKind::Look && $this->severity !== Severity::Stop && $this->standsBefore === null;
    }

    /**
     * Whether a step of its test is touched as it is seen: its failing alone tags the machine out, or keeps it from
     * power.
     *
     * The other steps are said together with what else stands at the stop.
     */
    public function isTouchedAlone(TestStep $step): bool
    {
        return ($step->severity ?? $this->severity) === Severity::Stop || $this->standsBefore !== null;
    }

    /** Whether an answer to the other one is an answer to this one: the same words, and the same follows from them. */
    public function asksTheSameAs(self $other): bool
    {
        return [$this->title, $this->how, $this->accept, $this->ifNot, $this->severity, $this->answer]
            === [$other->title, $other->how, $other->accept, $other->ifNot, $other->severity, $other->answer];
    }

    /** The same check in a yard that takes another time for it. */
    public function taking(int $seconds): self
    {
        if ($seconds === $this->seconds) {
            return $this;
        }

        // @phpstan-ignore argument.type (its own members)
        return new self(...['seconds' => $seconds] + get_object_vars($this));
    }

    /** @return list<Occasion> when it is due on a machine with these features */
    public function dueOn(Features $features): array
    {
        $more = array_filter($this->occasionsWith, $features->has(...), ARRAY_FILTER_USE_KEY);

        return array_values(array_unique([...$this->occasions, ...array_merge(...array_values($more))], SORT_REGULAR));
    }
}
