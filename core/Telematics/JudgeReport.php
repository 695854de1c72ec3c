<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Whether the hours of a report can be right: a counter never runs backwards, and gains no more than the time that
 * passed. What was said before, or is older than what is known, is no news and no fault: providers send again.
 */
final readonly class JudgeReport
{
    /** Counters are sent rounded, and clocks of machines differ. Common practice, no source. */
    private const ROUNDING_HOURS = '0.1';

    private const CLOCK_SECONDS = 900;

    public function __construct(private ?TimedHours $last, private \DateTimeImmutable $now)
    {
    }

    public function judge(TimedHours $said): ReportVerdict
    {
        if ($said->at->getTimestamp() - $this->now->getTimestamp() > self::CLOCK_SECONDS) {
            return ReportVerdict::aside(WhyNotPlaced::FromTheFuture);
        }
        if ($this->last === null) {
            return ReportVerdict::taken(Quantity::zero(Unit::Hour));
        }
        if ($said->at <= $this->last->at) {
            return ReportVerdict::oldNews();
        }
        $gain = $said->hours->minus($this->last->hours);
        $passed = Quantity::of(
            $said->at->getTimestamp() - $this->last->at->getTimestamp(),
            Unit::Second,
        )->in(Unit::Hour);
        $rounding = Quantity::of(self::ROUNDING_HOURS, Unit::Hour);

        return match (true) {
            $gain->isNegative() => ReportVerdict::aside(WhyNotPlaced::RanBackwards),
            $gain->isGreaterThan($passed->plus($rounding)) => ReportVerdict::aside(WhyNotPlaced::GainedTooMuch),
            default => ReportVerdict::taken($gain),
        };
    }
}
