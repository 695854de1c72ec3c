<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

/**
 * Group and type of a platform: B reaches beyond its wheels, A does not; 1 travels only stowed, 2 is driven raised from
 * the chassis, 3 from the platform. Source: ISO 16368, EN 280 and ANSI A92.20.
 */
enum PlatformClass: string
{
    case StowedInside = '1A';
    case StowedBeyond = '1B';
    case ChassisInside = '2A';
    case ChassisBeyond = '2B';
    case PlatformInside = '3A';
    case PlatformBeyond = '3B';

    public static function of(RaisedReach $reach, RaisedDrive $drive): self
    {
        return self::from($drive->value.$reach->value);
    }
}
