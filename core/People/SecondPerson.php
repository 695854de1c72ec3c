<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\State\Helper;
use JadeLedger\Core\State\MachineState;

/** Who has to stand by in a state in which nobody is alone: somebody, and somebody else. Common practice, no source. */
enum SecondPerson
{
    case NotAsked;
    case Missing;
    case IsTheFirst;
    case StandsBy;

    public static function in(MachineState $state, string $first, ?string $second): self
    {
        return $state->helper === Helper::None ? self::NotAsked : self::beside($first, $second);
    }

    /** Whether somebody stands beside the first person, where somebody is asked for. */
    public static function beside(string $first, ?string $second): self
    {
        return match (true) {
            $second === null => self::Missing,
            $second === $first => self::IsTheFirst,
            default => self::StandsBy,
        };
    }
}
