<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** How near to an overhead line nothing may come. An unknown voltage takes the largest distance. */
final readonly class LineFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $school = LineSchool::from($inputs->choice('school'));
        $voltage = $inputs->optional('voltage');
        $known = $voltage === null ? null : $school->clearance($voltage);
        $clearance = LineSchool::shown($known ?? $school->largest());
        $line = LedgerLine::computed(new Phrase('limits.keep_from_the_line'), $clearance);
        $working = [
            $known === null
                ? new Phrase($voltage === null ? 'limits.voltage_not_known' : 'limits.beyond_the_table', [
                    'clearance' => $clearance,
                ])
                : new Phrase('limits.by_voltage', [
                    'voltage' => (string) $voltage->in(Unit::Kilovolt)->text(),
                    'clearance' => $clearance,
                ]),
        ];
        $distance = $inputs->optional('distance');
        $picture = new LinePicture($clearance, $distance);
        $advice = [new Phrase('limits.ask_the_line_owner'), new Phrase('limits.widest_counts')];
        if ($distance === null) {
            return new SheetResult(
                Fits::Told,
                new Phrase('limits.stay_from_the_line', ['clearance' => $clearance]),
                [$line],
                $working,
                $advice,
                $picture,
            );
        }
        $isClear = ! $distance->isLessThan($clearance);

        return new SheetResult(
            Fits::when($isClear),
            new Phrase($isClear ? 'limits.clear_of_the_line' : 'limits.too_near_the_line', [
                'clearance' => $clearance,
                'over' => $isClear ? $distance->minus($clearance) : $clearance->minus($distance),
            ]),
            [$line],
            $working,
            $advice,
            $picture,
        );
    }
}
