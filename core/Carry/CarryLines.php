<?php

declare(strict_types=1);

namespace JadeLedger\Core\Carry;

use Brick\Math\BigDecimal;
use JadeLedger\Core\Check\CarryRule;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * Which lines of a checkout stand from the return walk before it, because nothing has changed since.
 *
 * Nothing is carried over a change, whatever the order in which entries came; carried and open lines together are all
 * lines of the plan. Common practice, no source: that a round of the day before holds while a machine stands locked in.
 */
final readonly class CarryLines
{
    /** Hours that a meter may gain by being moved out of the way: one step of its last digit. Our own choice. */
    private const METER_TOLERANCE = '0.1';

    public function __construct(private CarryRule $rule, private CalendarDate $today)
    {
    }

    /**
     * @param array<string, EarlierAnswer> $earlier by line key: what was found as it should be on the return walk
     * @param list<Change> $changes in any order
     * @return list<LineCarried> one for each line of the plan, in its order
     */
    public function of(WalkPlan $plan, array $earlier, array $changes): array
    {
        return array_map(
            fn (PlannedLine $line): LineCarried => $this->line($line, $earlier[$line->key] ?? null, $changes),
            $plan->lines(),
        );
    }

    /** Whether a meter shows that the machine ran since; a meter that shows less says so too. */
    public static function meterMoved(string $hoursBefore, string $hoursNow): bool
    {
        return BigDecimal::of($hoursNow)->minus($hoursBefore)->abs()->isGreaterThan(self::METER_TOLERANCE);
    }

    /** @param  list<Change>  $changes */
    private function line(PlannedLine $line, ?EarlierAnswer $from, array $changes): LineCarried
    {
        $days = $this->rule->daysOf($line->check);
        if ($days === 0) {
            return LineCarried::open($line, WhyNotCarried::EachWalk);
        }
        if ($from === null) {
            return LineCarried::open($line, WhyNotCarried::NotSeen);
        }
        if (! $from->answers($line->check)) {
            return LineCarried::open($line, WhyNotCarried::AnotherCheck);
        }
        foreach ($changes as $change) {
            if ($change->voids($from, $line->place)) {
                return LineCarried::changed($line, $change->kind);
            }
        }
        $past = $from->day->daysUntil($this->today);

        // An answer from a day that is still to come was dated by a wrong clock.
        return $past < 0 || $past > $days
            ? LineCarried::open($line, WhyNotCarried::TooLongAgo)
            : LineCarried::stands($line, $from, $from->day->plusDays($days));
    }
}
