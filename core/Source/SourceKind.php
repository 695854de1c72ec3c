<?php

declare(strict_types=1);

namespace JadeLedger\Core\Source;

enum SourceKind: string
{
    case Published = 'published';
    case Maker = 'maker';
    case HouseRule = 'house_rule';
    case CommonPractice = 'common_practice';
    case FromMemory = 'from_memory';
}
