<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

/** From when until when a machine is hired. */
final readonly class HirePeriod
{
    private function __construct(public \DateTimeImmutable $from, public \DateTimeImmutable $until)
    {
    }

    /** @throws HireEndsBeforeItBegins */
    public static function between(\DateTimeImmutable $from, \DateTimeImmutable $until): self
    {
        return $until > $from ? new self($from, $until) : throw HireEndsBeforeItBegins::always();
    }

    /** One that ends in the moment in which the other begins has nothing in common with it. */
    public function overlaps(self $other): bool
    {
        return $this->from < $other->until && $other->from < $this->until;
    }

    /** Seconds between the end of this and the beginning of the other; negative where they overlap. */
    public function secondsUntil(self $other): int
    {
        return $other->from->getTimestamp() - $this->until->getTimestamp();
    }
}
