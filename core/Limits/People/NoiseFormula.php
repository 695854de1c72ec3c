<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** The noise of a day by both schools: the level over eight hours, and the dose. */
final readonly class NoiseFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $exposures = [Exposure::of($inputs->quantity('level'), $inputs->quantity('hours'))];
        $other = $inputs->optional('other_level');
        if ($other !== null) {
            $exposures[] = Exposure::of($other, $inputs->quantity('other_hours'));
        }
        $level = NoiseDose::level($exposures);
        $dose = NoiseDose::percent($exposures);
        $band = NoiseBand::of($level);

        return new SheetResult(
            Fits::when($band !== NoiseBand::Limit && $dose <= 100.0),
            new Phrase('limits.noise.'.$band->value, ['level' => sprintf('%.1F', $level)]),
            [
                LedgerLine::computed(
                    new Phrase('limits.noise_of_the_day'),
                    Rounded::up(Figure::of($level, Unit::Decibel), 0),
                ),
                LedgerLine::computed(new Phrase('limits.noise_dose'), Rounded::up(Figure::of($dose, Unit::Percent), 0)),
            ],
            [new Phrase('limits.noise_sum')],
            $band === NoiseBand::Below ? [] : [new Phrase('limits.ears')],
        );
    }
}
