<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Refusal;

final class ChartIsNoArea extends \DomainException implements Refusal
{
    public static function tooFew(int $points): self
    {
        return new self("A reach chart wants at least three points of the maker's line; there are {$points}.");
    }

    public static function empty(): self
    {
        return new self(
            "The points of the reach chart enclose nothing. Write them down in the order of the maker's line.",
        );
    }

    public static function crosses(int $one, int $other): self
    {
        return new self(
            "The line of the reach chart crosses itself: after point {$one} and after point {$other}. "
                .'Put its points in order.',
        );
    }
}
