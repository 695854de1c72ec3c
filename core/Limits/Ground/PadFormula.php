<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** The plate under a wheel, a leg or an outrigger against ground that somebody has stated. */
final readonly class PadFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        [$load, $allowable] = [$inputs->quantity('load'), $inputs->quantity('allowable')];
        $pad = new PadPressure($load, $inputs->quantity('side'));
        $pressure = Rounded::up($pad->pressure(), 0);
        $needed = Rounded::up(PadPressure::neededSide($load, $allowable), 2);
        $isWithin = $pad->isWithin($allowable);

        return new SheetResult(
            Fits::when($isWithin),
            new Phrase($isWithin ? 'limits.ground_carries' : 'limits.plate_too_small', [
                'pressure' => $pressure, 'allowable' => $allowable, 'side' => $needed,
            ]),
            [
                LedgerLine::computed(new Phrase('limits.ground_states'), $allowable),
                LedgerLine::computed(new Phrase('limits.it_presses'), $pressure),
                LedgerLine::computed(new Phrase('limits.plate_at_least'), $needed),
            ],
            [new Phrase('limits.force_over_area', ['load' => $load, 'side' => $inputs->quantity('side')])],
            [new Phrase('limits.look_at_plates')],
        );
    }
}
