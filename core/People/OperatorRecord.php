<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\Paper\CalendarDate;

/**
 * What was seen of somebody for one category. An evaluation has two parts, the inspection before use and the course of
 * manoeuvres: it is made when both are.
 */
final readonly class OperatorRecord
{
    /**
     * @param CalendarDate|null $validUntil last day of the proof; none where it says none
     * @param CalendarDate|null $inspection when the inspection before use was evaluated
     * @param CalendarDate|null $course when the course was evaluated
     */
    public function __construct(
        public OperatorCategory $category,
        public ?CalendarDate $validUntil,
        public ?CalendarDate $inspection,
        public ?CalendarDate $course,
    ) {
    }

    public function standing(CalendarDate $today): OperatorStanding
    {
        if ($this->validUntil?->isBefore($today) === true) {
            return OperatorStanding::ProofEnded;
        }
        if ($this->category->evaluationMonths === null) {
            return OperatorStanding::Valid;
        }
        $due = $this->evaluationDue();

        return match (true) {
            $due === null => OperatorStanding::NotEvaluated,
            $due->isBefore($today) => OperatorStanding::EvaluationEnded,
            default => OperatorStanding::Valid,
        };
    }

    /**
     * Until when the evaluation holds: counted from the earlier of its two parts, which is the safe side. Its last day
     * still counts.
     */
    public function evaluationDue(): ?CalendarDate
    {
        if ($this->inspection === null || $this->course === null || $this->category->evaluationMonths === null) {
            return null;
        }
        $made = $this->inspection->isBefore($this->course) ? $this->inspection : $this->course;

        return $made->plusMonths($this->category->evaluationMonths);
    }
}
