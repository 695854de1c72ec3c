<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Brakes;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** In what distance a machine stands, reaction and all, against the room that there is. */
final readonly class StoppingFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $speed = $inputs->quantity('speed');
        $distance = Rounded::up(StoppingDistance::of(
            $speed,
            Figure::float($inputs->quantity('reaction'), Unit::Second),
            Figure::float($inputs->quantity('deceleration'), Unit::MetrePerSecondSquared),
        ), 1);
        $room = $inputs->optional('room');
        $isTooShort = $room !== null && $distance->isGreaterThan($room);

        return new SheetResult(
            $room === null ? Fits::Told : Fits::when(! $isTooShort),
            new Phrase($isTooShort ? 'limits.cannot_stop_in_time' : 'limits.stands_after', ['distance' => $distance]),
            [LedgerLine::computed(new Phrase('limits.stopping_distance'), $distance)],
            [new Phrase('limits.stopping_sum', ['speed' => $speed, 'reaction' => $inputs->quantity('reaction')])],
            [new Phrase('limits.wet_doubles_it')],
        );
    }
}
