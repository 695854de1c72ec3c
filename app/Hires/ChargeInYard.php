<?php

declare(strict_types=1);

namespace App\Hires;

use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Words;
use JadeLedger\Core\Spread\Charge;
use JadeLedger\Core\Spread\FinerThanTheCoin;
use JadeLedger\Core\Spread\NothingToCharge;
use Symfony\Component\Intl\Currencies;

/** Amounts in the money of this yard; how many decimals it has says ISO 4217. */
final class ChargeInYard
{
    /**
     * @param string|null $currency of the yard; none where it has not said
     *
     * @throws ApiProblem where the yard charges in another money, or nobody can pay that
     */
    public static function asked(JsonObject $charge, ?string $currency): Charge
    {
        if ($charge->string('currency') !== $currency) {
            throw self::refused(ProblemName::OtherCurrency, ['currency' => $currency ?? '–']);
        }
        try {
            return self::of($charge->string('amount'), $currency);
        } catch (NothingToCharge) {
            throw self::refused(ProblemName::NothingToCharge);
        } catch (FinerThanTheCoin) {
            throw self::refused(ProblemName::FinerThanTheCoin, [
                'currency' => $currency, 'places' => Currencies::getFractionDigits($currency),
            ]);
        }
    }

    public static function of(string $amount, string $currency): Charge
    {
        return Charge::of($amount, $currency, Currencies::getFractionDigits($currency));
    }

    /** @param  array<string, int|string>  $figures */
    private static function refused(ProblemName $why, array $figures = []): ApiProblem
    {
        return ApiProblem::because($why, 422, $figures, [
            'payload.charge' => [Words::say("problems.{$why->value}.title")],
        ]);
    }
}
