<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

use JadeLedger\Core\Refusal;

/** There is no such day. */
final class NotADate extends \DomainException implements Refusal
{
    public static function written(string $text): self
    {
        return new self("There is no day '{$text}'.");
    }
}
