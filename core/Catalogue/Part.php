<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** A named part of the plan drawing and the system it belongs to, by which a finding on it is graded. */
final readonly class Part
{
    public function __construct(public string $id, public string $name, public string $system, public Box $box)
    {
    }
}
