<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;

/** A whole scale from its low end up, cut into bands; every figure lies in exactly one. */
final readonly class Bands
{
    /** @param  non-empty-list<Band>  $all */
    private function __construct(public array $all)
    {
    }

    /** @throws BandsOutOfOrder when they do not rise, or the last one ends */
    public static function rising(Band $first, Band ...$more): self
    {
        $all = [$first, ...array_values($more)];
        foreach ($all as $at => $band) {
            $next = $all[$at + 1] ?? null;
            if (
                $next === null
                    ? $band->upTo !== null
                    : $band->upTo === null || ($next->upTo !== null && ! $band->upTo->isLessThan($next->upTo))
            ) {
                throw BandsOutOfOrder::at($band);
            }
        }

        return new self($all);
    }

    /** @return array{Quantity|null, Quantity|null} the ends of the band that a figure lies in; none where the scale goes on */
    public function endsAround(Quantity $value): array
    {
        $below = null;
        foreach ($this->all as $band) {
            if ($band->holds($value)) {
                return [$below, $band->upTo];
            }
            $below = $band->upTo;
        }

        return [$below, null];
    }

    public function of(Quantity $value): Band
    {
        foreach ($this->all as $band) {
            if ($band->holds($value)) {
                return $band;
            }
        }
        throw BandsOutOfOrder::at($this->all[0]);
    }
}
