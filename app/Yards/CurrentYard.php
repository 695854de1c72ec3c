<?php

declare(strict_types=1);

namespace App\Yards;

use App\Catalogue\CatalogueRepository;
use App\Models\Yard;
use App\Setting;
use Carbon\CarbonInterface;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * The yard in which the work of this request is done: that of whoever signed in. A command steps into each yard by
 * itself.
 */
final class CurrentYard
{
    private ?Yard $yard = null;

    public function __construct(private readonly CatalogueRepository $shelf)
    {
    }

    public function stepInto(Yard $yard): void
    {
        if ($this->yard?->id !== $yard->id) {
            $this->yard = $yard;
            // House rules, models and times are the yard's own.
            $this->shelf->forget();
        }
    }

    public function leave(): void
    {
        $this->yard = null;
        $this->shelf->forget();
    }

    public function id(): ?string
    {
        return $this->yard?->id;
    }

    public function name(): string
    {
        return $this->yard->name ?? Setting::text('jade.yard.name');
    }

    public function place(): string
    {
        return $this->yard->place ?? Setting::text('jade.yard.place');
    }

    /** In which it charges, by ISO 4217; none where nobody has said. */
    public function currency(): ?string
    {
        return $this->yard?->currency;
    }

    /** The calendar day of a moment, as the yard's clock shows it. */
    public function dayOf(CarbonInterface $moment): CalendarDate
    {
        return CalendarDate::parse($moment->toImmutable()->setTimezone($this->timezone())->format('Y-m-d'));
    }

    /** IANA name of the time zone in which the yard reads its clock. */
    public function timezone(): string
    {
        return $this->yard->timezone ?? Setting::text('jade.yard.timezone');
    }
}
