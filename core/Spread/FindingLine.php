<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Quantity\Quantity;

/** One piece of damage in both columns. */
final readonly class FindingLine
{
    public ?Quantity $difference;

    public Comparison $comparison;

    public Balance $balance;

    public function __construct(
        public string $findingId,
        public ?Quantity $out,
        public ?Quantity $in,
        InColumn $column = InColumn::Finished,
    ) {
        $this->comparison = Comparison::between($out, $in);
        $this->difference = $in === null ? null : ($out === null ? $in : $in->minus($out));
        $this->balance = match ($this->comparison) {
            Comparison::Same, Comparison::Gone => Balance::Balanced,
            Comparison::Worse => Balance::GrownDamage,
            Comparison::New => Balance::NewDamage,
            Comparison::NotLookedAt => $column->withoutLook(),
        };
    }
}
