<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Machine;
use App\Models\Walk;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\DoneBy;

/** Which service points are due when a machine leaves, or fall due while it is out. */
final readonly class ServiceOnHire
{
    public function __construct(private ServiceOfMachine $service, private CurrentYard $yard)
    {
    }

    /**
     * What was never recorded holds nothing: it is not known. The hirer's own duties and notes hold nothing either.
     *
     * @param CalendarDate $today on the yard's calendar
     * @return list<ServiceGround>
     */
    public function of(Walk $walk, CalendarDate $today): array
    {
        if ($walk->movement !== Movement::Checkout) {
            return [];
        }
        $history = ServiceHistory::of(Machine::query()->with('state')->findOrFail($walk->machine_id));
        if ($history->records->isEmpty()) {
            return [];
        }
        // A day that is past is judged as it ended, and today as it is.
        $endOfDay = CarbonImmutable::parse("{$today->text()} 23:59:59", $this->yard->timezone());
        $outlook = $this->service->outlookOn($walk->hire_id, $history, CarbonImmutable::now()->min($endOfDay));
        $grounds = array_map(
            static fn (PointAhead $ahead): ServiceGround => new ServiceGround($ahead),
            $outlook->points,
        );

        return array_values(array_filter(
            $grounds,
            static fn (ServiceGround $ground): bool => $ground->point->due !== null
                && $ground->point->point->doneBy === DoneBy::Yard
                && $ground->point->point->severity !== Severity::Note
                && ($ground->point->state->isDue() || $ground->onHire !== null),
        ));
    }
}
