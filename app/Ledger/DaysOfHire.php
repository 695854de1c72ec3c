<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\MachineStatus;
use App\Models\Walk;
use App\Yards\CurrentYard;
use Carbon\CarbonInterface;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\HireDays;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** The days that a paper of a walk has to cover, in the yard's zone. */
final readonly class DaysOfHire
{
    public function __construct(private CurrentYard $yard)
    {
    }

    /** What comes back only has to be covered until today. */
    public function __invoke(Walk $walk, CarbonInterface $now): HireDays
    {
        $day = fn (CarbonInterface $moment): CalendarDate => CalendarDate::parse(
            $moment->toImmutable()->setTimezone($this->yard->timezone())->format('Y-m-d'),
        );
        $smr = MachineStatus::query()->find($walk->machine_id)?->smr_hours;

        return new HireDays(
            $day($now),
            $walk->movement === Movement::Checkout ? $day($walk->hire->comes_back_at) : $day($now),
            $smr === null ? null : Quantity::of($smr, Unit::Hour),
        );
    }
}
