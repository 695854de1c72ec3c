<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** Where a control lies: a close-up, and the place on it that is ringed. */
final readonly class ControlPlace
{
    public function __construct(public string $drawing, public string $anchor)
    {
    }
}
