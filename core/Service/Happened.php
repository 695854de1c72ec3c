<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** What happened to a machine that some of its service points go by, beside use and the calendar. */
final readonly class Happened
{
    /**
     * @param list<\DateTimeImmutable> $hiresEnded when it came back from each hire
     * @param array<string, \DateTimeImmutable> $last when each thing happened last, by the value of After
     */
    public function __construct(private array $hiresEnded, private array $last)
    {
    }

    /** @param  array<string, \DateTimeImmutable>  $last when more happened, by the value of After */
    public function and(array $last): self
    {
        return new self($this->hiresEnded, $last + $this->last);
    }

    public static function nothing(): self
    {
        return new self([], []);
    }

    public function hiresSince(WorkDone $done): int
    {
        $isSince = static fn (\DateTimeImmutable $end): bool => $end > $done->moment();

        return count(array_filter($this->hiresEnded, $isSince));
    }

    /** What a point is due after, and was not done since; nothing where it was. */
    public function dueAfter(ServicePoint $point, WorkDone $done): ?After
    {
        foreach ($point->after as $what) {
            if (isset($this->last[$what->value]) && $this->last[$what->value] > $done->moment()) {
                return $what;
            }
        }

        return null;
    }
}
