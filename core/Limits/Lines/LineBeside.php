<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

use JadeLedger\Core\Limits\Platform\ReachPoint;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** A line beside a job: where it hangs, how near to it nothing may come, and how near the basket comes. */
final readonly class LineBeside
{
    /**
     * A person who leans out of a basket reaches about so far up from its floor, in metres: common practice, no
     * source.
     */
    private const RAIL = '1.1';

    private function __construct(public ReachPoint $line, public Quantity $clearance, public Quantity $distance)
    {
    }

    /**
     * @param Quantity|null $voltage none where nobody knows it: the largest distance of the school holds
     * @param Quantity $half of the width of the basket
     */
    public static function of(
        ReachPoint $line,
        LineSchool $school,
        ?Quantity $voltage,
        ReachPoint $job,
        Quantity $half,
    ): self {
        $clearance = ($voltage === null ? null : $school->clearance($voltage)) ?? $school->largest();
        $least = INF;
        foreach ([$job->out->minus($half), $job->out->plus($half)] as $out) {
            foreach ([$job->up, $job->up->plus(Quantity::of(self::RAIL, Unit::Metre))] as $up) {
                $least = min(
                    $least,
                    hypot(
                        Figure::float($out->minus($line->out), Unit::Metre),
                        Figure::float($up->minus($line->up), Unit::Metre),
                    ),
                );
            }
        }

        return new self($line, $clearance->in(Unit::Metre), Figure::of($least, Unit::Metre));
    }

    public function isClear(): bool
    {
        return ! $this->distance->isLessThan($this->clearance);
    }
}
