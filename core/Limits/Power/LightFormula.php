<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/**
 * How much ground a lighting tower lights, and how far apart towers stand. Half of the light reaches the ground that is
 * meant: common practice, no source.
 */
final readonly class LightFormula implements Formula
{
    private const REACHES = '1/2';

    public function compute(SheetInputs $inputs): SheetResult
    {
        $lux = $inputs->quantity('wanted')->ratioTo(Quantity::of(1, Unit::Lux));
        $lumens = $inputs->quantity('lamps')->ratioTo(Quantity::of(1, Unit::Lumen));
        $area = Quantity::of($lumens->multipliedBy(self::REACHES)->dividedBy($lux)->simplified(), Unit::SquareMetre);
        $side = Figure::of(sqrt(Figure::float($area, Unit::SquareMetre)), Unit::Metre);
        $spacing = Rounded::down($side, 0);

        return new SheetResult(
            Fits::Told,
            new Phrase('limits.towers_apart', ['spacing' => $spacing]),
            [
                LedgerLine::computed(new Phrase('limits.lit_area'), Rounded::down($area, 0)),
                LedgerLine::computed(new Phrase('limits.spacing'), $spacing),
            ],
            [
                new Phrase('limits.light_sum', [
                    'lumens' => $inputs->quantity('lamps')->text(),
                    'lux' => $inputs->quantity('wanted')->text(),
                ]),
            ],
            [new Phrase('limits.dazzle')],
        );
    }
}
