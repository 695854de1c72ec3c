<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Machine;
use App\Models\Walk;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Catalogue\Severity;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;

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
        $records = $this->service->records($walk->machine_id);
        if ($walk->movement !== Movement::Checkout || $records->isEmpty()) {
            return [];
        }
        $machine = Machine::query()->with('state')->findOrFail($walk->machine_id);
        $use = UseOfMachine::of($machine);
        $endOfDay = CarbonImmutable::parse("{$today->text()} 23:59:59", $this->yard->timezone());
        $now = CarbonImmutable::now()->min($endOfDay);
        $hires = $machine->hires()->with('state')->limit(30)->get();
        $rate = $use->rate($hires, $now->toDateTimeImmutable())->hoursPerDay
            ?? $use->forecast($now->toDateTimeImmutable())?->hoursPerDay;
        $span = HiresAhead::of($hires->where('id', $walk->hire_id)->values(), $today, $this->yard->timezone());
        $grounds = array_map(
            static fn (DuePoint $point): ServiceGround => new ServiceGround($point, DueOnHire::first($point, $span, $today, $rate)),
            $this->service->scheduleFrom($machine, $records, $use, $now)->points,
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
