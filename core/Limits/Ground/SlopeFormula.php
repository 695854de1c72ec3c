<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** Ground against the slope that the maker allows, and which way to go on it. */
final readonly class SlopeFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $ground = $inputs->slope('slope');
        $line = LedgerLine::less(
            new Phrase('limits.slope'),
            $inputs->quantity('rated'),
            [new Less($inputs->orNothing('less_for_ground'), new Phrase('limits.soft_or_wet'))],
        );
        $degrees = Figure::of($ground->degrees, Unit::Degree);
        $isOver = $degrees->isGreaterThan($line->yours);

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase($isOver ? 'limits.too_steep_for_it' : 'limits.slope_within', [
                'ground' => Rounded::degrees($ground), 'most' => $line->yours,
            ]),
            [$line],
            [new Phrase('limits.slope_in_both', [
                'degrees' => Rounded::degrees($ground), 'percent' => sprintf('%.0F', $ground->inPercent()),
            ])],
            [new Phrase('limits.way_on_a_slope.'.$inputs->choice('way'))],
        );
    }
}
