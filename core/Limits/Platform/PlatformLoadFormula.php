<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\PoundsForKilograms;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** People, tools and goods against what the platform carries once its accessories are taken off. */
final readonly class PlatformLoadFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $accessories = $inputs->orNothing('accessories');
        $floor = LedgerLine::less(
            new Phrase('limits.on_the_floor'),
            $inputs->quantity('capacity'),
            [new Less($accessories, new Phrase('limits.accessories'))],
        );
        $people = $inputs->quantity('person')->times($inputs->count('people'));
        $goods = $inputs->quantity('tools')->plus($inputs->orNothing('material'));
        $load = $people->plus($goods);
        $most = $inputs->count('most_people');
        $tooMany = $inputs->count('people') > $most;
        $isOver = $load->isGreaterThan($floor->yours);
        $apart = $isOver ? $load->minus($floor->yours) : $floor->yours->minus($load);

        return new SheetResult(
            Fits::when(! $isOver && ! $tooMany),
            new Phrase(match (true) {
                $tooMany => 'limits.too_many_people',
                $isOver => 'limits.load_over',
                default => 'limits.load_within',
            }, ['apart' => Rounded::near($apart, 0), 'most' => (string) $most]),
            [
                $floor,
                LedgerLine::asMade(new Phrase('limits.people'), Quantity::of($most, Unit::Piece)),
                LedgerLine::asMade(new Phrase('limits.side_force'), $inputs->quantity('side_force')),
            ],
            [new Phrase('limits.platform_sum', ['people' => $people, 'goods' => $goods, 'load' => $load])],
            [...PoundsForKilograms::doubt($load, $floor->yours), new Phrase('limits.rescue_named')],
        );
    }
}
