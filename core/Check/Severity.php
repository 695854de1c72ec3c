<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/** What a failed check or a finding does to the machine. */
enum Severity: string
{
    /** Record, watch or bill; the machine may go out. */
    case Note = 'note';
    /** Must not leave the yard until cleared; may be moved inside it. */
    case Hold = 'hold';
    /** Do not start or operate: tag out, key withdrawn. */
    case Stop = 'stop';

    public function isGraverThan(self $other): bool
    {
        return $this->rank() > $other->rank();
    }

    public function rank(): int
    {
        return match ($this) {
            self::Note => 0,
            self::Hold => 1,
            self::Stop => 2,
        };
    }
}
