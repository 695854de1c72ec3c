<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Whether the meter on the machine and the counter that telematics reports tell of the same hours.
 *
 * The one read later may have gained what passed between them, and not more; two hours beyond that may lie between two
 * counters that start and stop by different signals. Two hours: common practice, no source.
 */
final readonly class MeterAgreement
{
    private const TOLERANCE_HOURS = 2;

    /** @param  Quantity  $apart hours beyond what the time between them explains, at least 0 */
    private function __construct(public Quantity $apart)
    {
    }

    public static function between(TimedHours $one, TimedHours $other): self
    {
        [$first, $later] = $one->at <= $other->at ? [$one, $other] : [$other, $one];
        $gain = $later->hours->minus($first->hours);
        $passed = Quantity::of($later->at->getTimestamp() - $first->at->getTimestamp(), Unit::Second)->in(Unit::Hour);
        $zero = Quantity::zero(Unit::Hour);

        return new self(match (true) {
            $gain->isNegative() => $gain->negated(),
            $gain->isGreaterThan($passed) => $gain->minus($passed),
            default => $zero,
        });
    }

    public function holds(): bool
    {
        return ! $this->apart->isGreaterThan(Quantity::of(self::TOLERANCE_HOURS, Unit::Hour));
    }
}
