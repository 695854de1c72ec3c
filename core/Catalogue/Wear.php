<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** Protective equipment that a step asks for. */
enum Wear: string
{
    case Head = 'head';
    case Feet = 'feet';
    case Hands = 'hands';
    case Eyes = 'eyes';
    case Ears = 'ears';
    case Visibility = 'visibility';
    case Harness = 'harness';
}
