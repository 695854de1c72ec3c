<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

/** What a check compares: a term from a date, with or without hours beside it, or the serial of the plate. */
final readonly class Paper
{
    private function __construct(public PaperKind $kind, public int $months, public ?int $hours)
    {
    }

    /** @param  int|null  $hours of the hour meter after which the term ends, if they come first */
    public static function dated(int $months, ?int $hours = null): self
    {
        return new self(PaperKind::Dated, $months, $hours);
    }

    public static function serial(): self
    {
        return new self(PaperKind::Serial, 0, null);
    }
}
