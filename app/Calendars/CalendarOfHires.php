<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Catalogue\CatalogueRepository;
use App\Models\Hire;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Calendar\Calendar;
use JadeLedger\Core\Calendar\CalendarEvent;
use JadeLedger\Core\Calendar\EventStatus;

/**
 * The hires of the yard as a calendar reads them. Those that were cancelled are told as such, so that they vanish
 * there.
 */
final readonly class CalendarOfHires
{
    private const BACK_DAYS = 30;

    private const AHEAD_DAYS = 365;

    public function __construct(private CurrentYard $yard, private CatalogueRepository $catalogue)
    {
    }

    public function at(CarbonImmutable $now): Calendar
    {
        $hires = Hire::query()
            ->with(['machine', 'customer'])
            ->where('comes_back_at', '>=', $now->subDays(self::BACK_DAYS)->format('Y-m-d H:i:s.u'))
            ->where('goes_out_at', '<=', $now->addDays(self::AHEAD_DAYS)->format('Y-m-d H:i:s.u'))
            ->orderBy('goes_out_at')
            ->orderBy('folio')
            ->get();

        return new Calendar(
            Words::say('documents.calendar.name', ['yard' => $this->yard->name()]),
            array_values($hires->map(fn (Hire $hire): CalendarEvent => $this->event($hire, $now))->all()),
        );
    }

    private function event(Hire $hire, CarbonImmutable $now): CalendarEvent
    {
        $machine = $hire->machine;
        $describes = $this->catalogue->current()->model($machine->model_id)->describes;
        $contact = trim("{$hire->contact} {$hire->contact_phone}");

        return CalendarEvent::between(
            "hire-{$hire->id}@jade-ledger",
            $hire->goes_out_at->toDateTimeImmutable(),
            $hire->comes_back_at->toDateTimeImmutable(),
            $now->toDateTimeImmutable(),
            $hire->cancelled_at === null ? EventStatus::Confirmed : EventStatus::Cancelled,
            "{$machine->fleet_number} {$describes}: {$hire->customer->name}",
            Words::say('documents.calendar.folio', ['folio' => $hire->folio]).($contact === '' ? '' : "\n{$contact}"),
            (string) $hire->site,
        );
    }
}
