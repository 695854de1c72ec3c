<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/** For how long a yard lets an answer stand. Common practice, no source: schools differ, the house rule decides. */
final readonly class CarryRule
{
    /** @param  int  $days  calendar days at most, in the yard's zone; a check may say fewer */
    public function __construct(public CarrySchool $school, public int $days)
    {
    }

    public static function nothing(): self
    {
        return new self(CarrySchool::Nothing, 0);
    }

    /**
     * For how many days an answer to a check stands while nothing changes; 0 where it is asked on each walk.
     *
     * Whatever the catalogue says, a level, a pressure, a charge, a function test and a gate before power stand for
     * their walk only.
     */
    public function daysOf(Check $check): int
    {
        $mayStand = $check->answer->outlastsItsWalk() && $check->standsBefore === null;
        $isLetThrough = match ($this->school) {
            CarrySchool::Nothing => false,
            CarrySchool::NothingBarred => $check->severity !== Severity::Stop,
            CarrySchool::ByEachCheck => true,
        };

        return $mayStand && $isLetThrough ? min($this->days, $check->standsForDays) : 0;
    }
}
