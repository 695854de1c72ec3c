<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class NotANumber extends Refused
{
    public static function text(string $text): self
    {
        $begin = mb_substr($text, 0, 40);

        return new self(
            "\"{$begin}\" is not a number. Type the figure with digits.",
            new Sentence('not_a_number', ['text' => $begin]),
        );
    }
}
