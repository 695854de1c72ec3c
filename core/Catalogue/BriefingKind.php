<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** What a step of the briefing is about, in the order in which it is told. */
enum BriefingKind: string
{
    case Startup = 'startup';
    case Working = 'working';
    case Shutdown = 'shutdown';

    public function rank(): int
    {
        return match ($this) {
            self::Startup => 0,
            self::Working => 1,
            self::Shutdown => 2,
        };
    }
}
