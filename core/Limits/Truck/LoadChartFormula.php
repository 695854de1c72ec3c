<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Platform\ReachPoint;
use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\PoundsForKilograms;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** A load of a telescopic handler at a reach and a height of its load chart. */
final readonly class LoadChartFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $chart = $inputs->loadChart('zones');
        $job = new ReachPoint($inputs->quantity('job_out'), $inputs->quantity('job_up'));
        $most = $chart->loadAt($job);
        $picture = new ZonesPicture($chart, $job);
        $load = $inputs->quantity('load');
        if ($most === null) {
            return new SheetResult(
                Fits::Beyond,
                new Phrase('limits.outside_the_chart'),
                [],
                [new Phrase('limits.zones_read')],
                [new Phrase('limits.move_the_machine')],
                $picture,
            );
        }
        $line = LedgerLine::less(new Phrase('limits.load_here'), $most, [
            new Less($inputs->orNothing('attachment_mass'), new Phrase('limits.attachment')),
        ]);
        $isOver = $load->isGreaterThan($line->yours);

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase($isOver ? 'limits.load_beyond' : 'limits.load_carried', [
                'load' => $load,
                'most' => $line->yours,
            ]),
            [$line],
            [new Phrase('limits.zones_read')],
            [
                ...PoundsForKilograms::doubt($load, $line->yours),
                ...$isOver ? [new Phrase('limits.nearer_or_lighter')] : [],
            ],
            $picture,
        );
    }
}
