<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Refusal;

final class NothingRan extends \DomainException implements Refusal
{
    public static function atAll(): self
    {
        return new self('An average wants a time in which something ran. Name a load and how long it runs.');
    }
}
