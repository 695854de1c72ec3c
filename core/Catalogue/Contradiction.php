<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** A school of another house rule that cannot be followed together with this one, and why not. */
final readonly class Contradiction
{
    public function __construct(public string $rule, public string $school, public string $because)
    {
    }
}
