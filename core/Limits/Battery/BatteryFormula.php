<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Battery;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/**
 * How long a traction battery lasts from its charge down to a fifth, how long it charges, and the air that carries its
 * hydrogen away. A fifth is left, charging puts in a fifth more than was taken: common practice, no source.
 */
final readonly class BatteryFormula implements Formula
{
    private const LEFT = '1/5';

    private const CHARGED_BACK = '6/5';

    private const VOLTS_OF_A_CELL = 2;

    public function compute(SheetInputs $inputs): SheetResult
    {
        [$capacity, $voltage] = [$inputs->quantity('capacity'), $inputs->quantity('voltage')];
        $usable = $inputs->share('charge')->minus(self::LEFT);
        if ($usable->isNegativeOrZero()) {
            throw $inputs->refuse('charge', 'charge_it_first');
        }
        $ampereHours = $capacity->ratioTo(Quantity::of(1, Unit::AmpereHour))->multipliedBy($usable);
        $kilowattHours = $ampereHours->multipliedBy($voltage->ratioTo(Quantity::of(1000, Unit::Volt)));
        $hours = Quantity::of(
            $kilowattHours
                ->dividedBy($inputs->quantity('draws')->ratioTo(Quantity::of(1, Unit::Kilowatt)))
                ->simplified(),
            Unit::Hour,
        );
        $charger = $inputs->quantity('charger');
        $charging = Quantity::of(
            $ampereHours
                ->multipliedBy(self::CHARGED_BACK)
                ->dividedBy($charger->ratioTo(Quantity::of(1, Unit::Ampere)))
                ->simplified(),
            Unit::Hour,
        );
        $cells = $voltage
            ->ratioTo(Quantity::of(self::VOLTS_OF_A_CELL, Unit::Volt))
            ->toScale(0, RoundingMode::HALF_UP)
            ->toInt();
        // Gassing current at the end of a charge: 5 A for each 100 Ah, from memory, to be confirmed: EN 62485-3.
        $air = Hydrogen::air(
            $cells,
            Quantity::of(
                $capacity->ratioTo(Quantity::of(1, Unit::AmpereHour))->multipliedBy('5/100')->simplified(),
                Unit::Ampere,
            ),
        );
        $shift = $inputs->orNothing('shift');
        $isShort = $hours->isLessThan($shift);

        return new SheetResult(
            $shift->isZero() ? Fits::Told : Fits::when(! $isShort),
            new Phrase($isShort ? 'limits.battery_too_small' : 'limits.battery_lasts', [
                'hours' => Rounded::down($hours, 1),
                'shift' => $shift,
            ]),
            [
                LedgerLine::computed(new Phrase('limits.hours_left'), Rounded::down($hours, 1)),
                LedgerLine::computed(new Phrase('limits.charging_takes'), Rounded::up($charging, 1)),
                LedgerLine::computed(new Phrase('limits.air_at_the_charger'), Rounded::up($air, 0)),
            ],
            [
                new Phrase('limits.battery_sum', [
                    'capacity' => $capacity,
                    'voltage' => $voltage,
                    'draws' => $inputs->quantity('draws'),
                ]),
            ],
            [new Phrase('limits.no_flame_at_the_charger')],
        );
    }
}
