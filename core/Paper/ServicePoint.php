<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

use JadeLedger\Core\Quantity\Quantity;

/** When work that goes by the hour meter is due: at its figure, and not only behind it. Common practice, no source. */
final class ServicePoint
{
    public static function isDue(Quantity $at, Quantity $meter): bool
    {
        return ! $meter->isLessThan($at);
    }
}
