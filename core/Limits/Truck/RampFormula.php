<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** A truck on a ramp or a dock plate: whether it climbs it, which way round, and whether plate and floor carry it. */
final readonly class RampFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        [$slope, $rated] = [$inputs->slope('slope'), $inputs->slope('rated')];
        $mass = $inputs->quantity('mass')->plus($inputs->orNothing('load'));
        $truck = new TruckOnGrade($slope);
        $plate = $inputs->optional('plate');
        $tooSteep = $slope->degrees > $rated->degrees + 1e-9;
        $tooHeavy = $plate !== null && $mass->isGreaterThan($plate);

        return new SheetResult(
            Fits::when(! $tooSteep && ! $tooHeavy),
            new Phrase(
                match (true) {
                    $tooSteep => 'limits.ramp_too_steep',
                    $tooHeavy => 'limits.plate_too_weak',
                    default => 'limits.ramp_within',
                },
                [
                    'slope' => sprintf('%.1F', $slope->inPercent()),
                    'rated' => sprintf('%.1F', $rated->inPercent()),
                    'mass' => $mass,
                ],
            ),
            [
                LedgerLine::asMade(new Phrase('limits.slope'), Rounded::degrees($rated)),
                LedgerLine::computed(new Phrase('limits.on_the_plate'), $mass),
            ],
            [
                new Phrase('limits.brake_holds', [
                    'force' => Rounded::up($truck->holdingForce($mass)->in(Unit::Kilonewton), 1),
                    'mass' => $mass,
                ]),
            ],
            [
                new Phrase(
                    $truck->wantsLoadUpgrade() && ! $inputs->orNothing('load')->isZero()
                        ? 'limits.load_uphill'
                        : 'limits.no_turning_on_a_ramp',
                ),
            ],
        );
    }
}
