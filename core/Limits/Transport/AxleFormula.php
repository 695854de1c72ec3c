<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use Brick\Math\BigRational;
use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** What a machine adds to each axle of the lorry, by where its centre stands between them. Statics. */
final readonly class AxleFormula implements Formula
{
    /** Below this share of the whole the front wheels steer and brake too little. Common practice, no source. */
    private const LEAST_IN_FRONT = '20/100';

    public function compute(SheetInputs $inputs): SheetResult
    {
        $mass = $inputs->quantity('mass')->plus($inputs->orNothing('attachments'));
        $toTheRear = $inputs->orNothing('behind')->ratioTo($inputs->quantity('wheelbase'));
        $onRear = $mass->times($toTheRear);
        $rear = Rounded::up($inputs->quantity('rear_own')->plus($onRear), 0);
        $front = Rounded::up($inputs->quantity('front_own')->plus($mass)->minus($onRear), 0);
        $isLight = $front->isLessThan($front->plus($rear)->times(BigRational::of(self::LEAST_IN_FRONT)));
        $over = match (true) {
            $rear->isGreaterThan($inputs->quantity('rear_most')) => 'limits.rear_axle_over',
            $front->isGreaterThan($inputs->quantity('front_most')) => 'limits.front_axle_over',
            $isLight => 'limits.front_axle_light',
            default => null,
        };

        return new SheetResult(
            Fits::when($over === null),
            new Phrase($over ?? 'limits.axles_carry_it', ['front' => $front, 'rear' => $rear]),
            [
                new LedgerLine(new Phrase('limits.front_axle'), $inputs->quantity('front_most'), [], $front),
                new LedgerLine(new Phrase('limits.rear_axle'), $inputs->quantity('rear_most'), [], $rear),
            ],
            [new Phrase('limits.axle_sum', ['mass' => $mass, 'share' => Rounded::percent($toTheRear)])],
            [new Phrase('limits.weigh_it')],
        );
    }
}
