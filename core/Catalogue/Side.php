<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** A side of a machine, seen from its seat. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    /** The side on which a place of a machine is, where its name says so. */
    public static function ofPlace(string $place): ?self
    {
        return match (true) {
            str_ends_with($place, '_left') => self::Left,
            str_ends_with($place, '_right') => self::Right,
            default => null,
        };
    }
}
