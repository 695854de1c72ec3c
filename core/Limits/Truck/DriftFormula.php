<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** How far a raised mast sinks and tilts in ten minutes under its rated load. */
final readonly class DriftFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        [$lowered, $tilted] = [$inputs->quantity('lowered'), $inputs->quantity('tilted')];
        $isWithin = MastDrift::isWithin($lowered, $tilted);

        return new SheetResult(
            Fits::when($isWithin),
            new Phrase($isWithin ? 'limits.drift_within' : 'limits.drift_beyond'),
            [
                LedgerLine::computed(new Phrase('limits.it_may_sink'), MastDrift::mostLowered()),
                LedgerLine::computed(new Phrase('limits.it_may_tilt'), MastDrift::mostTilted()),
            ],
            [new Phrase('limits.drift_measured')],
            $isWithin ? [] : [new Phrase('limits.drift_is_a_fault')],
        );
    }
}
