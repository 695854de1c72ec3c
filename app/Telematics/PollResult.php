<?php

declare(strict_types=1);

namespace App\Telematics;

/** How a poll went: what came, and why it broke off where it did. */
final readonly class PollResult
{
    public function __construct(
        public int $machines,
        public int $taken,
        public int $aside,
        public ?string $failure,
    ) {
    }
}
