<?php

declare(strict_types=1);

namespace App\Yards;

use App\Catalogue\CatalogueShelf;
use App\Models\Yard;

/** The yard in which the work of this request is done: that of whoever signed in. A command steps into each yard by itself. */
final class YardInHand
{
    private ?Yard $yard = null;

    public function __construct(private readonly CatalogueShelf $shelf)
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
        return $this->yard->name ?? (string) config('jade.yard.name');
    }

    public function place(): string
    {
        return $this->yard->place ?? (string) config('jade.yard.place');
    }

    /** IANA name of the time zone in which the yard reads its clock. */
    public function timezone(): string
    {
        return $this->yard->timezone ?? (string) config('jade.yard.timezone');
    }
}
