<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\PoundsForKilograms;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/**
 * A load on a counterbalance truck: how far out it lies, how high it goes and what hangs on the carriage. The plate of
 * the combination wins over the rule of moments.
 */
final readonly class LoadCentreFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $rated = $inputs->quantity('rated');
        $atHeight = $inputs->optional('at_height') ?? $rated;
        $base = $atHeight->isLessThan($rated) ? $atHeight : $rated;
        $truck = new LoadCentre($base, $inputs->quantity('centre'), $inputs->optional('axle'));
        $centre = $inputs->quantity('load_centre')->plus($inputs->orNothing('attachment_depth'));
        $further = $truck->capacityAt($centre);
        $attachment = $inputs->orNothing('attachment_mass');
        $line = LedgerLine::less(new Phrase('limits.rated_load'), $rated, [
            new Less($rated->minus($base), new Phrase('limits.lift_height')),
            new Less($base->minus($further), new Phrase('limits.further_out')),
            new Less($attachment, new Phrase('limits.attachment')),
        ]);
        $most = Rounded::down($line->yours, 0);
        $load = $inputs->quantity('load');
        $isOver = $load->isGreaterThan($most);

        return new SheetResult(
            Fits::when(! $isOver),
            new Phrase($isOver ? 'limits.load_beyond' : 'limits.load_carried', ['load' => $load, 'most' => $most]),
            [new LedgerLine($line->what, $line->maker, array_map(
                static fn (Less $one): Less => new Less(Rounded::up($one->by, 0), $one->why),
                $line->less,
            ), $most)],
            [new Phrase($inputs->optional('axle') === null ? 'limits.simple_moment' : 'limits.moment', [
                'base' => $base, 'centre' => $inputs->quantity('centre'), 'further' => $centre,
            ])],
            [...PoundsForKilograms::doubt($load, $most), new Phrase('limits.plate_wins')],
        );
    }
}
