<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** The working load limits together are at least half of the weight. Source: 49 CFR 393.106(d). */
final readonly class AggregateLimit
{
    private function __construct(public Quantity $aggregate, public Quantity $required)
    {
    }

    /** @param  list<Tiedown>  $tiedowns */
    public static function of(array $tiedowns, Quantity $weight): self
    {
        return new self(
            array_reduce(
                $tiedowns,
                static fn (Quantity $sum, Tiedown $tiedown): Quantity => $sum->plus($tiedown->counts()),
                Quantity::zero(Unit::Pound),
            ),
            $weight->dividedBy(2),
        );
    }

    public function isEnough(): bool
    {
        return ! $this->aggregate->isLessThan($this->required);
    }
}
