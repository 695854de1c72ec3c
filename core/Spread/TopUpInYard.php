<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Reading\Fluids\TopUp;

/** What was filled up after a machine came back: what came back is what was read before that. */
final readonly class TopUpInYard
{
    /** @param  TopUp  $asked how much the first reading asked for: nobody measures what goes in */
    private function __construct(public Entry $asReturned, public Entry $filled, public TopUp $asked)
    {
    }

    /**
     * A first reading that asked for a top-up, and a higher one after it. A first reading that was wrong is struck, and
     * is not among them. Common practice, no source.
     *
     * @param list<Entry> $back what was read of one line on the return, in order
     */
    public static function among(array $back): ?self
    {
        $first = $back[0] ?? null;
        $last = $back[count($back) - 1] ?? null;
        if ($first === null || $last === null || $first->topUp === null) {
            return null;
        }
        $risen = $last->value->minus($first->value);

        return $risen->isNegative() || $risen->isZero() ? null : new self($first, $last, $first->topUp);
    }
}
