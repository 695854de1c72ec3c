<?php

declare(strict_types=1);

namespace JadeLedger\Core\Finding;

use JadeLedger\Core\Quantity\Quantity;

/** A finding at the return against what stood in the Out column. */
enum Comparison: string
{
    case Same = 'same';
    case Worse = 'worse';
    case Gone = 'gone';
    case New = 'new';
    case NotLookedAt = 'open';

    /** Larger than at Out, by however little, is worse; smaller is the same damage measured again. */
    public static function between(?Quantity $out, ?Quantity $in): self
    {
        return match (true) {
            $in === null => self::NotLookedAt,
            $out === null => self::New,
            $in->isGreaterThan($out) => self::Worse,
            default => self::Same,
        };
    }
}
