<?php

declare(strict_types=1);

namespace App\Yards;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Words;
use Symfony\Component\Intl\Currencies;

/** Money that is paid with somewhere today, by ISO 4217. */
final class Currency
{
    public static function isInUse(string $code): bool
    {
        return Currencies::exists($code) && Currencies::isValidInAnyCountry($code, true, true);
    }

    /** @throws ApiProblem when nobody pays with it */
    public static function known(string $code): string
    {
        return self::isInUse($code) ? $code : throw ApiProblem::because(ProblemName::NoSuchCurrency, 422, [], [
            'currency' => [Words::say('problems.no_such_currency.title')],
        ]);
    }
}
