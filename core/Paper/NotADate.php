<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

/** There is no such day. */
final class NotADate extends \DomainException
{
    public static function written(string $text): self
    {
        return new self("There is no day '{$text}'.");
    }
}
