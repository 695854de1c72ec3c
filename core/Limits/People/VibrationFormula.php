<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** The shaking of a day, this machine and another together, and how long this one may be used. */
final readonly class VibrationFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $kind = Vibration::from($inputs->choice('kind'));
        $level = $inputs->quantity('level');
        $exposures = [Exposure::of($level, $inputs->quantity('hours'))];
        $other = $inputs->optional('other_level');
        if ($other !== null) {
            $exposures[] = Exposure::of($other, $inputs->quantity('other_hours'));
        }
        $day = VibrationDose::overEightHours($exposures);
        $isOver = $day->isGreaterThan($kind->limit());
        $wantsAction = ! $day->isLessThan($kind->action());

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase(
                match (true) {
                    $isOver => 'limits.vibration_over',
                    $wantsAction => 'limits.vibration_action',
                    default => 'limits.vibration_below',
                },
                ['day' => Rounded::up($day, 1)],
            ),
            [
                LedgerLine::computed(new Phrase('limits.vibration_of_the_day'), Rounded::up($day, 1)),
                LedgerLine::computed(
                    new Phrase('limits.hours_to_action'),
                    Rounded::down(Vibration::timeTo($kind->action(), $level), 1),
                ),
                LedgerLine::computed(
                    new Phrase('limits.hours_to_limit'),
                    Rounded::down(Vibration::timeTo($kind->limit(), $level), 1),
                ),
            ],
            [
                new Phrase('limits.vibration_sum', [
                    'action' => $kind->action()->text(),
                    'limit' => $kind->limit()->text(),
                ]),
            ],
            [new Phrase('limits.share_the_work')],
        );
    }
}
