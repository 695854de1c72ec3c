<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;

/** A limit as a line of a ledger: what the maker says, what is taken off, and what is left for this hire. */
final readonly class LedgerLine
{
    /**
     * @param Quantity|null $maker none where no maker says it
     * @param list<Less> $less
     */
    public function __construct(
        public Phrase $what,
        public ?Quantity $maker,
        public array $less,
        public Quantity $yours,
    ) {
    }

    /**
     * What the maker says, less each of these.
     *
     * @param list<Less> $less what is nothing is left out
     */
    public static function less(Phrase $what, Quantity $maker, array $less): self
    {
        $less = array_values(array_filter($less, static fn (Less $one): bool => ! $one->by->isZero()));
        $left = array_reduce($less, static fn (Quantity $left, Less $one): Quantity => $left->minus($one->by), $maker);

        return new self($what, $maker, $less, $left->isNegative() ? Quantity::zero($maker->unit) : $left);
    }

    public static function asMade(Phrase $what, Quantity $maker): self
    {
        return new self($what, $maker, [], $maker);
    }

    public static function computed(Phrase $what, Quantity $yours): self
    {
        return new self($what, null, [], $yours);
    }
}
