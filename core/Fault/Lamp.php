<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/**
 * The lamps by which an engine says that something is wrong, with the place of each in the lamp byte of a trouble
 * message.
 *
 * Source: SAE J1939-73.
 */
enum Lamp: string
{
    case RedStop = 'red_stop';
    case Amber = 'amber';
    case Protect = 'protect';
    case Malfunction = 'mil';

    private const TWO_BITS = 0b11;

    /** Two bits each, from the top: malfunction, red stop, amber, protect. */
    private function shift(): int
    {
        return match ($this) {
            self::Malfunction => 6,
            self::RedStop => 4,
            self::Amber => 2,
            self::Protect => 0,
        };
    }

    /** @return bool|null none where the machine does not have it, or says nothing of it */
    public function isLitIn(int $byte): ?bool
    {
        return match (($byte >> $this->shift()) & self::TWO_BITS) {
            0 => false,
            1 => true,
            default => null,
        };
    }
}
