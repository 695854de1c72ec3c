<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Refusal;

final class NotANumber extends \DomainException implements Refusal
{
    public static function text(string $text): self
    {
        return new self('Not a number: "'.mb_substr($text, 0, 40).'".');
    }
}
