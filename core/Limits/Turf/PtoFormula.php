<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Turf;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** The turns of a tractor's power take-off against what an implement is made for. */
final readonly class PtoFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        [$tractor, $implement] = [$inputs->quantity('tractor'), $inputs->quantity('implement')];
        $isAlike = $tractor->isEqualTo($implement);

        return new SheetResult(
            Fits::when($isAlike),
            new Phrase($isAlike ? 'limits.pto_alike' : 'limits.pto_unlike', [
                'tractor' => $tractor->text(),
                'implement' => $implement->text(),
            ]),
            [LedgerLine::asMade(new Phrase('limits.pto_turns'), $tractor)],
            [new Phrase('limits.pto_splines')],
            [new Phrase('limits.pto_guards')],
        );
    }
}
