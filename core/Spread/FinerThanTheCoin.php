<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class FinerThanTheCoin extends Refused
{
    public static function of(string $currency, int $places): self
    {
        return new self(
            "{$currency} has {$places} decimals. Type the amount with no more.",
            new Sentence('finer_than_the_coin', ['currency' => $currency, 'places' => (string) $places]),
        );
    }
}
