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

/** What a machine on tracks presses on the ground, with what is fitted to it. */
final readonly class TrackFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $mass = $inputs->quantity('mass')->plus($inputs->orNothing('attachment'));
        $pressure = Rounded::up(
            TrackPressure::of($mass, $inputs->quantity('shoe_width'), $inputs->quantity('contact_length')),
            0,
        );
        $allowable = $inputs->optional('allowable');
        $working = [
            new Phrase('limits.track_sum', [
                'mass' => $mass,
                'width' => $inputs->quantity('shoe_width'),
                'length' => $inputs->quantity('contact_length'),
            ]),
        ];
        $line = LedgerLine::computed(new Phrase('limits.it_presses'), $pressure);
        if ($allowable === null) {
            return new SheetResult(
                Fits::Told,
                new Phrase('limits.it_presses_so', ['pressure' => $pressure]),
                [$line],
                $working,
                [new Phrase('limits.ask_who_knows_the_ground')],
            );
        }
        $isWithin = ! $pressure->isGreaterThan($allowable);

        return new SheetResult(
            Fits::when($isWithin),
            new Phrase($isWithin ? 'limits.ground_carries_it' : 'limits.ground_too_soft', [
                'pressure' => $pressure,
                'allowable' => $allowable,
            ]),
            [LedgerLine::computed(new Phrase('limits.ground_states'), $allowable), $line],
            $working,
            [new Phrase('limits.mean_not_peak')],
        );
    }
}
