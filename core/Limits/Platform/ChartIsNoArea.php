<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class ChartIsNoArea extends Refused
{
    public static function tooFew(int $points): self
    {
        return new self(
            "A reach chart wants at least three points of the maker's line; there are {$points}.",
            new Sentence('chart_too_few', ['points' => (string) $points]),
        );
    }

    public static function empty(): self
    {
        return new self(
            "The points of the reach chart enclose nothing. Write them down in the order of the maker's line.",
            new Sentence('chart_empty'),
        );
    }

    public static function crosses(int $one, int $other): self
    {
        return new self(
            "The line of the reach chart crosses itself: after point {$one} and after point {$other}. "
                .'Put its points in order.',
            new Sentence('chart_crosses', ['one' => (string) $one, 'other' => (string) $other]),
        );
    }
}
