<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** How near a point is, the most urgent first. */
enum DueState: string
{
    /** Past its hours or its day, and past what it may be late by. */
    case Overdue = 'overdue';
    /** At its hours or its day, within what it may be late by. */
    case Due = 'due';
    /** It was never recorded: when it is due is not known, and not guessed. */
    case NotKnown = 'not_known';
    case Within30Days = 'within_30_days';
    case Within90Days = 'within_90_days';
    case Later = 'later';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function isDue(): bool
    {
        return $this === self::Overdue || $this === self::Due;
    }
}
