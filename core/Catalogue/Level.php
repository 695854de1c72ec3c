<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** How high the feet are at a station when a tall machine is walked by levels. */
enum Level: string
{
    case Ground = 'ground';
    case Steps = 'steps';
    case Deck = 'deck';

    /** The lowest level is walked first: nobody climbs twice. */
    public function order(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
