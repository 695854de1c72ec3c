<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

/** What a set feeds. */
enum GeneratorFeeds
{
    case OwnSockets;
    case Building;
}
