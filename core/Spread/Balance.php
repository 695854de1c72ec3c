<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

/** Whether a line of the spread adds up, and if not, in which way. */
enum Balance: string
{
    case Balanced = 'balanced';
    /** The machine is still out, or its return walk has not come to the line. */
    case NotYetIn = 'not_yet_in';
    /** Read out and never read in. */
    case NeverReadIn = 'never_read_in';
    /** Pieces went out that did not come back. */
    case Missing = 'missing';
    /**
     * Less in a tank than at Out: fuel and exhaust fluid are charged, or let go with a reason. Common practice, no
     * source.
     */
    case Used = 'used';
    /** The hour meter contradicts the Out column. */
    case Disputed = 'disputed';
    /** Damage that was not there at Out. */
    case NewDamage = 'new_damage';
    /** Damage that has grown. */
    case GrownDamage = 'grown_damage';
    /** Damage of the Out column that nobody looked at again. */
    case NotLookedAt = 'not_looked_at';

    public function needsExplaining(): bool
    {
        return $this !== self::Balanced && $this !== self::NotYetIn;
    }
}
