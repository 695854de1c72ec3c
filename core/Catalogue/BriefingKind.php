<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

enum BriefingKind: string
{
    case Startup = 'startup';
    case Shutdown = 'shutdown';
}
