<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

/**
 * Whether a portable set may stand without an earth rod: it feeds only what is plugged into it, and metal and earth
 * terminals are bonded to the frame. A building is a job for a licensed electrician. Source: 29 CFR 1926.404(f)(3).
 */
final readonly class FrameAsEarth
{
    public static function isEnough(GeneratorFeeds $feeds, FrameBond $bond): bool
    {
        return $feeds === GeneratorFeeds::OwnSockets && $bond === FrameBond::Bonded;
    }
}
