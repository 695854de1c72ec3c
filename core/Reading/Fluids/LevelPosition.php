<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

enum LevelPosition
{
    case NothingToSee;
    case BelowAdd;
    case LowerHalf;
    case UpperHalf;
    case AboveFull;

    public function isInBand(): bool
    {
        return $this === self::LowerHalf || $this === self::UpperHalf;
    }
}
