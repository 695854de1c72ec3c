<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** How steep the ramps to a deck are, and whether the machine climbs them and they carry it. */
final readonly class LoadingRampFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        [$deck, $ramp] = [$inputs->quantity('deck'), $inputs->quantity('ramp')];
        $share = Figure::float($deck, Unit::Metre) / Figure::float($ramp, Unit::Metre);
        if ($share >= 1.0) {
            throw $inputs->refuse('ramp', 'ramp_too_short');
        }
        $slope = Slope::degrees(rad2deg(asin($share)));
        $rated = $inputs->slope('rated');
        $mass = $inputs->quantity('mass');
        $carries = $inputs->optional('carries');
        $tooSteep = $slope->degrees > $rated->degrees + 1e-9;
        $tooWeak = $carries !== null && $mass->isGreaterThan($carries);

        return new SheetResult(
            Fits::when(! $tooSteep && ! $tooWeak),
            new Phrase(match (true) {
                $tooSteep => 'limits.deck_too_steep',
                $tooWeak => 'limits.ramps_too_weak',
                default => 'limits.deck_within',
            }, ['slope' => Rounded::degrees($slope), 'rated' => Rounded::degrees($rated), 'mass' => $mass]),
            [
                LedgerLine::asMade(new Phrase('limits.slope'), Rounded::degrees($rated)),
                LedgerLine::computed(new Phrase('limits.ramp_angle'), Rounded::degrees($slope)),
            ],
            [new Phrase('limits.deck_sum', ['deck' => $deck, 'ramp' => $ramp])],
            [new Phrase('limits.straight_up_heavy_end_first')],
        );
    }
}
