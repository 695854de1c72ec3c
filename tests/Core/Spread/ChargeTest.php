<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use JadeLedger\Core\Spread\Charge;
use JadeLedger\Core\Spread\FinerThanTheCoin;
use JadeLedger\Core\Spread\NothingToCharge;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a hirer is charged. Decimals of a coin: ISO 4217, table A.1, minor unit. */
final class ChargeTest extends TestCase
{
    #[TestWith(['84.5', 'GBP', 2, '84.50'])]
    #[TestWith(['84.500', 'GBP', 2, '84.50'])]
    #[TestWith(['1200', 'JPY', 0, '1200'])]
    #[TestWith(['0.001', 'KWD', 3, '0.001'])]
    public function test_an_amount_is_kept_exactly_with_the_decimals_of_its_coin(
        string $amount,
        string $currency,
        int $places,
        string $kept,
    ): void {
        self::assertSame($kept, (string) Charge::of($amount, $currency, $places)->amount);
    }

    #[TestWith(['0.005', 'GBP', 2])]
    #[TestWith(['12.5', 'JPY', 0])]
    public function test_what_no_coin_pays_is_refused_and_not_rounded(
        string $amount,
        string $currency,
        int $places,
    ): void {
        $this->expectException(FinerThanTheCoin::class);
        Charge::of($amount, $currency, $places);
    }

    #[TestWith(['0'])]
    #[TestWith(['-5'])]
    public function test_nothing_is_no_charge(string $amount): void
    {
        $this->expectException(NothingToCharge::class);
        Charge::of($amount, 'EUR', 2);
    }

    /** A tenth and two tenths are three tenths: sums are exact. */
    public function test_sums_are_exact_and_never_mix_two_monies(): void
    {
        $sums = Charge::sums([
            Charge::of('0.10', 'GBP', 2), Charge::of('7', 'EUR', 2), Charge::of('0.20', 'GBP', 2),
        ]);

        self::assertSame(
            ['0.30 GBP', '7.00 EUR'],
            array_map(static fn (Charge $one): string => "{$one->amount} {$one->currency}", $sums),
        );
        self::assertSame([], Charge::sums([]));
    }
}
