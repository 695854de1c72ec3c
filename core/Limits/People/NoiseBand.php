<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

/** What a level over eight hours asks for. Source: Directive 2003/10/EC, article 3; UK SI 2005/1643. */
enum NoiseBand: string
{
    case Below = 'below';
    case Lower = 'lower';
    case Upper = 'upper';
    case Limit = 'limit';

    public static function of(float $level): self
    {
        return match (true) {
            $level > 87.0 => self::Limit,
            $level >= 85.0 => self::Upper,
            $level >= 80.0 => self::Lower,
            default => self::Below,
        };
    }
}
