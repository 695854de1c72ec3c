<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * Whether somebody may put power on a machine, or mend it, on a day: every qualification that the machine asks for is
 * held and valid on that day, the last one included. Common practice, no source.
 */
final readonly class Competence
{
    /**
     * @param list<Qualification> $all that the yard knows
     * @param list<HeldQualification> $held by the person
     */
    public function __construct(private array $all, private array $held)
    {
    }

    /** What is in the way; nothing when the person may. */
    public function missing(AskedFor $what, Features $machine, CalendarDate $today): ?NotQualified
    {
        foreach ($this->all as $qualification) {
            if ($qualification->askedFor !== $what || ! $qualification->applies->holdsFor($machine)) {
                continue;
            }
            $until = $this->validUntil($qualification->id);
            if ($until === null || $until->isBefore($today)) {
                return new NotQualified($qualification, $until);
            }
        }

        return null;
    }

    /** The latest day, where one was renewed. */
    private function validUntil(string $id): ?CalendarDate
    {
        $latest = null;
        foreach ($this->held as $held) {
            if ($held->qualificationId === $id && ($latest === null || $latest->isBefore($held->validUntil))) {
                $latest = $held->validUntil;
            }
        }

        return $latest;
    }
}
