<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

/**
 * What stands in the way of a hire. Nothing is allowed in silence: what does not bar is said. Common practice, no
 * source.
 */
final readonly class FindHireConflicts
{
    /**
     * @param int $walkInSeconds planned for the walk of a return
     * @param int $walkOutSeconds planned for the walk of a checkout and the handover
     */
    public function __construct(private int $walkInSeconds, private int $walkOutSeconds)
    {
    }

    /**
     * @param list<BookedHire> $others of the same machine, in any order
     * @param list<DatedPaper> $papers of the machine
     * @return list<HireConflict> those that bar first
     */
    public function of(
        HirePeriod $wanted,
        array $others,
        Availability $machine,
        \DateTimeImmutable $now,
        array $papers = [],
    ): array {
        $found = match ($machine) {
            Availability::Free => [],
            Availability::Tagged => [new HireConflict(ConflictKind::Tagged)],
            Availability::Held => [new HireConflict(ConflictKind::Held)],
            Availability::Left => [new HireConflict(ConflictKind::Left)],
        };
        foreach ($others as $other) {
            $conflict = $this->with($other, $wanted);
            if ($conflict !== null) {
                $found[] = $conflict;
            }
        }
        foreach ($papers as $paper) {
            if ($paper->validUntil < $wanted->until) {
                $found[] = new HireConflict(ConflictKind::PaperEnds, paper: $paper);
            }
        }
        $left = $wanted->from->getTimestamp() - $now->getTimestamp();
        if ($left < $this->walkOutSeconds) {
            $found[] = new HireConflict(
                ConflictKind::NoTimeToWalk,
                minutes: self::minutes($this->walkOutSeconds - max(0, $left)),
            );
        }
        usort($found, static fn (HireConflict $a, HireConflict $b): int => $b->kind->bars() <=> $a->kind->bars());

        return $found;
    }

    private function with(BookedHire $other, HirePeriod $wanted): ?HireConflict
    {
        if ($other->period->overlaps($wanted)) {
            return new HireConflict(ConflictKind::Taken, $other->folio);
        }
        $between = max($other->period->secondsUntil($wanted), $wanted->secondsUntil($other->period));
        $needed = $this->walkInSeconds + $this->walkOutSeconds;

        return match (true) {
            $other->isOverdue => new HireConflict(ConflictKind::LateBack, $other->folio),
            $between < $needed => new HireConflict(
                ConflictKind::NoTimeBetween,
                $other->folio,
                self::minutes($needed - $between),
            ),
            default => null,
        };
    }

    private static function minutes(int $seconds): int
    {
        return intdiv($seconds + 59, 60);
    }
}
