<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** The air that tools draw at once, with a share for leaks, against what a compressor delivers. */
final readonly class AirFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $drawn = $inputs->quantity('tools')->times($inputs->share('at_once')->simplified());
        $leaks = $inputs->quantity('leaks');
        $needed = $drawn->times($leaks->ratioTo(Quantity::of(100, Unit::Percent))->plus(1)->simplified());
        $delivers = $inputs->quantity('delivers');
        $isOver = $needed->isGreaterThan($delivers);

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase($isOver ? 'limits.air_too_little' : 'limits.air_enough', [
                'needed' => Rounded::up($needed, 1),
                'delivers' => $delivers,
            ]),
            [
                LedgerLine::asMade(new Phrase('limits.free_air'), $delivers),
                LedgerLine::computed(new Phrase('limits.air_needed'), Rounded::up($needed, 1)),
            ],
            [new Phrase('limits.air_sum', ['tools' => $inputs->quantity('tools'), 'leaks' => $leaks])],
            [new Phrase('limits.hose_whip')],
        );
    }
}
