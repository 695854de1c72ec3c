<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/** What a check compares: a term from a date, with or without hours beside it, or the serial of the plate. */
final readonly class Paper
{
    private function __construct(
        public PaperKind $kind,
        public int $months,
        public ?int $hours,
        /** The kind under which the yard's register keeps it; none of what is only on the machine. */
        public ?string $register = null,
    ) {
    }

    /**
     * @param int|null $hours of the hour meter after which the term ends, if they come first
     * @param string|null $register the kind under which the yard's register keeps it
     */
    public static function dated(int $months, ?int $hours = null, ?string $register = null): self
    {
        return new self(PaperKind::Dated, $months, $hours, $register);
    }

    public static function serial(): self
    {
        return new self(PaperKind::Serial, 0, null);
    }
}
