<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** How long a full tank lasts, and what fuel and exhaust fluid the hire will want. To plan with, never a charge. */
final readonly class FuelFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $burnt = FuelBurn::perHour($inputs->quantity('power'), $inputs->share('load'));
        $tank = $inputs->quantity('tank');
        $hours = Quantity::of(
            $tank
                ->ratioTo(Quantity::of(1, Unit::Litre))
                ->dividedBy($burnt->ratioTo(Quantity::of(1, Unit::LitrePerHour)))
                ->simplified(),
            Unit::Hour,
        );
        $running = $inputs
            ->quantity('hours_a_day')
            ->times($inputs->quantity('days')->ratioTo(Quantity::of(1, Unit::Day))->simplified());
        $fuel = Quantity::of(
            $burnt
                ->ratioTo(Quantity::of(1, Unit::LitrePerHour))
                ->multipliedBy($running->ratioTo(Quantity::of(1, Unit::Hour)))
                ->simplified(),
            Unit::Litre,
        );
        $stretch = $inputs->orNothing('at_a_stretch');
        $isShort = $hours->isLessThan($stretch);

        return new SheetResult(
            $stretch->isZero() ? Fits::Told : Fits::when(! $isShort),
            new Phrase($isShort ? 'limits.tank_too_small' : 'limits.tank_lasts', [
                'hours' => Rounded::down($hours, 0),
                'stretch' => $stretch,
            ]),
            [
                LedgerLine::computed(new Phrase('limits.full_tank_lasts'), Rounded::down($hours, 0)),
                LedgerLine::computed(new Phrase('limits.fuel_for_the_hire'), Rounded::up($fuel, 0)),
                LedgerLine::computed(
                    new Phrase('limits.exhaust_fluid_for_the_hire'),
                    Rounded::up(ExhaustFluid::mostWith($fuel), 0),
                ),
            ],
            [
                new Phrase('limits.burn_sum', [
                    'burnt' => Rounded::near($burnt, 1),
                    'load' => Rounded::percent($inputs->share('load')),
                ]),
            ],
            [new Phrase('limits.fluid_keeps'), new Phrase('limits.plan_not_charge')],
        );
    }
}
