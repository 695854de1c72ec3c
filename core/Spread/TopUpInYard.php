<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\TopUp;

/** What was filled up after a machine came back: what came back is what was read before that. */
final readonly class TopUpInYard
{
    /**
     * @param TopUp $asked how much the first reading asked for
     * @param Quantity|null $measured what somebody said went in; none where nobody measured it
     */
    private function __construct(
        public Entry $asReturned,
        public Entry $filled,
        public TopUp $asked,
        public ?Quantity $measured,
    ) {
    }

    /** What went in: as it was measured, or as much as the reading asked for. */
    public function volume(): Quantity
    {
        return $this->measured ?? $this->asked->volume;
    }

    /**
     * A first reading that asked for a top-up, and a higher one after it. A first reading that was wrong is struck, and
     * is not among them. Common practice, no source.
     *
     * @param list<Entry> $back what was read of one line on the return, in order
     * @param Quantity|null $measured what went in meanwhile, where somebody measured it
     */
    public static function among(array $back, ?Quantity $measured = null): ?self
    {
        $first = $back[0] ?? null;
        $last = $back[count($back) - 1] ?? null;
        if ($first === null || $last === null || $first->topUp === null) {
            return null;
        }
        $risen = $last->value->minus($first->value);

        return $risen->isNegative() || $risen->isZero() ? null : new self($first, $last, $first->topUp, $measured);
    }
}
