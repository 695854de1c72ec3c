<?php

declare(strict_types=1);

namespace JadeLedger\Core\Finding;

use JadeLedger\Core\Quantity\Quantity;

/** What somebody saw: the kind, the system of the machine it is on, how bad it is and how large. */
final readonly class Description
{
    public function __construct(
        public string $kind,
        public string $system,
        public ?string $degree,
        public ?Quantity $size,
    ) {
    }
}
