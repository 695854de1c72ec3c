<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Refusal;

final class FinerThanTheCoin extends \DomainException implements Refusal
{
    public static function of(string $currency, int $places): self
    {
        return new self("{$currency} has {$places} decimals. Type the amount with no more.");
    }
}
