<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Wind;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/**
 * Up to which wind a platform may be raised. The gust is held against it, not the mean. A machine without a rating for
 * wind is for indoors.
 */
final readonly class PlatformWindFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $rated = $inputs->quantity('rated');
        $sheets =
            $inputs->choice('sheets') === 'no'
                ? Quantity::zero(Unit::MetrePerSecond)
                : $inputs->quantity('less_for_sheets');
        $line = LedgerLine::less(new Phrase('limits.wind'), $rated, [
            new Less($sheets, new Phrase('limits.sheets_up')),
        ]);
        if ($rated->isZero()) {
            return $this->indoorsOnly($inputs->choice('indoors'), $line);
        }
        $gust = $inputs->optional('gusts') ?? $inputs->optional('now');
        $working = [
            new Phrase('limits.beaufort_of', [
                'speed' => $line->yours,
                'force' => (string) Beaufort::of($line->yours)->value,
            ]),
            new Phrase('limits.wind_presses', [
                'speed' => $line->yours,
                'pressure' => WindPressure::of($line->yours)->text(),
            ]),
        ];
        if ($gust === null) {
            return new SheetResult(
                Fits::Told,
                new Phrase('limits.come_down_at', ['most' => $line->yours]),
                [$line],
                $working,
                [new Phrase('limits.look_at_the_trees')],
            );
        }
        $isOver = $gust->isGreaterThan($line->yours);

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase($isOver ? 'limits.wind_over' : 'limits.wind_within', ['gust' => $gust, 'most' => $line->yours]),
            [$line],
            $working,
            [new Phrase('limits.gust_counts')],
        );
    }

    private function indoorsOnly(string $indoors, LedgerLine $line): SheetResult
    {
        $isInside = $indoors === 'yes';

        return new SheetResult(
            Fits::when($isInside),
            new Phrase($isInside ? 'limits.indoors_it_is' : 'limits.not_for_outdoors'),
            [$line],
            [new Phrase('limits.no_wind_rating')],
            [new Phrase('limits.doors_are_wind')],
        );
    }
}
