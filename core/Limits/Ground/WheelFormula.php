<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;

/**
 * What the heaviest wheel presses on the ground: a soft tyre about as much as it is inflated to, its carcass a tenth on
 * top; a hard one its load over the patch that it stands on. Common practice, no source.
 */
final readonly class WheelFormula implements Formula
{
    private const CARCASS = '1.1';

    public function compute(SheetInputs $inputs): SheetResult
    {
        $load = $inputs->quantity('load');
        $pressure = Rounded::up(self::pressure($inputs), 0);
        $allowable = $inputs->optional('allowable');
        $isWithin = $allowable === null || ! $pressure->isGreaterThan($allowable);

        return new SheetResult(
            $allowable === null ? Fits::Told : Fits::when($isWithin),
            new Phrase(match (true) {
                $allowable === null => 'limits.it_presses_so',
                $isWithin => 'limits.ground_carries_it',
                default => 'limits.ground_too_soft',
            }, ['pressure' => $pressure, 'allowable' => $allowable ?? $pressure]),
            [
                ...$allowable === null ? [] : [LedgerLine::computed(new Phrase('limits.ground_states'), $allowable)],
                LedgerLine::computed(new Phrase('limits.it_presses'), $pressure),
            ],
            [new Phrase('limits.wheel_stands_on', ['load' => $load])],
            [new Phrase($allowable === null ? 'limits.ask_who_knows_the_ground' : 'limits.turning_digs_in')],
        );
    }

    private static function pressure(SheetInputs $inputs): Quantity
    {
        $inflation = $inputs->optional('inflation');
        if ($inflation !== null) {
            return $inflation->times(self::CARCASS);
        }
        $length = $inputs->optional('length') ?? throw $inputs->refuse('inflation', 'missing');
        $width = $inputs->quantity('width');

        return TrackPressure::under($inputs->quantity('load'), $width, $length);
    }
}
