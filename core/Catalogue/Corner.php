<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** The corner of the machine where a walk begins. */
enum Corner: string
{
    case FrontLeft = 'front_left';
    case FrontRight = 'front_right';
    case RearRight = 'rear_right';
    case RearLeft = 'rear_left';

    public function of(Box $box): Point
    {
        return match ($this) {
            self::FrontLeft => new Point($box->left, $box->bottom),
            self::FrontRight => new Point($box->left, $box->top),
            self::RearRight => new Point($box->right, $box->top),
            self::RearLeft => new Point($box->right, $box->bottom),
        };
    }
}
