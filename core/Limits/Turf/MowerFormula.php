<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Turf;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** A slope for a mower or a small tractor: the lower of the maker's and fifteen degrees, and less on wet grass. */
final readonly class MowerFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $ground = $inputs->slope('slope');
        $rated = $inputs->quantity('rated');
        $rule = Quantity::of(15, Unit::Degree);
        $base = $rated->isLessThan($rule) ? $rated : $rule;
        $wet = $inputs->choice('grass') === 'dry' ? Quantity::zero(Unit::Degree) : $inputs->quantity('less_when_wet');
        $line = LedgerLine::less(new Phrase('limits.slope'), $rated, [
            new Less($rated->minus($base), new Phrase('limits.fifteen_degrees')),
            new Less($wet, new Phrase('limits.wet_grass')),
        ]);
        $degrees = Figure::of($ground->degrees, Unit::Degree);
        $isOver = $degrees->isGreaterThan($line->yours);
        $people = $inputs->quantity('throws');

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase($isOver ? 'limits.too_steep_for_it' : 'limits.slope_within', [
                'ground' => Rounded::degrees($ground),
                'most' => $line->yours,
            ]),
            [$line, LedgerLine::computed(new Phrase('limits.people_away'), $people)],
            [
                new Phrase('limits.slope_in_both', [
                    'degrees' => Rounded::degrees($ground),
                    'percent' => sprintf('%.0F', $ground->inPercent()),
                ]),
            ],
            [
                new Phrase($inputs->choice('machine') === 'walked' ? 'limits.mow_across' : 'limits.mow_up_and_down'),
                new Phrase('limits.throws_stones', ['distance' => $people]),
            ],
        );
    }
}
