<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** Room behind a machine that slews: its tail and a gap in which nobody is crushed. */
final readonly class SlewFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        [$tail, $gap] = [$inputs->quantity('tail'), $inputs->quantity('gap')];
        $needed = Rounded::up($tail->plus($gap)->in(Unit::Metre), 1);
        $room = $inputs->quantity('room');
        $isWithin = ! $room->isLessThan($needed);

        return new SheetResult(
            Fits::when($isWithin),
            new Phrase($isWithin ? 'limits.slews_free' : 'limits.slew_too_tight', [
                'room' => $room,
                'needed' => $needed,
            ]),
            [LedgerLine::computed(new Phrase('limits.room_to_slew'), $needed)],
            [new Phrase('limits.slew_sum', ['tail' => $tail, 'gap' => $gap])],
            [new Phrase('limits.close_the_slew_area')],
        );
    }
}
