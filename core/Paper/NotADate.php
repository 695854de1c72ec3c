<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

/** There is no such day. */
final class NotADate extends Refused
{
    public static function written(string $text): self
    {
        $begin = mb_substr($text, 0, 40);

        return new self(
            "There is no day \"{$begin}\". Write it as year-month-day.",
            new Sentence('not_a_date', ['text' => $begin]),
        );
    }
}
