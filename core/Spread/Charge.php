<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** What a hirer is charged for a line that does not balance, in the money of the yard. */
final readonly class Charge
{
    private function __construct(public BigDecimal $amount, public string $currency)
    {
    }

    /**
     * @param string $amount a decimal number
     * @param string $currency by ISO 4217
     * @param int $places decimals of its smallest coin, by ISO 4217: 2 of the euro, 0 of the yen
     *
     * @throws NothingToCharge when it is nothing, or less
     * @throws FinerThanTheCoin when it cannot be paid
     */
    public static function of(string $amount, string $currency, int $places): self
    {
        $exact = BigDecimal::of($amount);
        if (! $exact->isPositive()) {
            throw NothingToCharge::atAll();
        }
        if ($exact->stripTrailingZeros()->getScale() > $places) {
            throw FinerThanTheCoin::of($currency, $places);
        }

        return new self($exact->toScale($places, RoundingMode::UNNECESSARY), $currency);
    }

    /**
     * Sums, one for each currency: a yard that changed its money has both on an old folio.
     *
     * @param list<self> $charges
     * @return list<self>
     */
    public static function sums(array $charges): array
    {
        $sums = [];
        foreach ($charges as $one) {
            $sums[$one->currency] = new self(
                $one->amount->plus($sums[$one->currency]->amount ?? 0),
                $one->currency,
            );
        }

        return array_values($sums);
    }
}
