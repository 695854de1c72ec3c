<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

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
 * How far a machine stays from the edge of an excavation: beyond the slope at which its soil stands by itself, and two
 * feet more.
 *
 * Source: 29 CFR 1926 subpart P, appendix B, table B-1, for the slopes of soils; 29 CFR 1926.651(j)(2) for the two
 * feet.
 */
final readonly class EdgeFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $soil = Soil::from($inputs->choice('soil'));
        $depth = $inputs->quantity('depth');
        $needed = Rounded::up($depth->times($soil->run())->plus(Quantity::of(2, Unit::Foot)), 1);
        $line = LedgerLine::computed(new Phrase('limits.from_the_edge'), $needed);
        $working = [
            new Phrase('limits.edge_sum', [
                'depth' => $depth,
                'run' => (string) $soil->run()->toScale(2, RoundingMode::UNNECESSARY),
            ]),
        ];
        $distance = $inputs->optional('distance');
        $advice = [new Phrase('limits.edge_is_looked_at')];
        if ($distance === null) {
            return new SheetResult(
                Fits::Told,
                new Phrase('limits.stay_from_the_edge', ['distance' => $needed]),
                [$line],
                $working,
                $advice,
            );
        }
        $isWithin = ! $distance->isLessThan($needed);

        return new SheetResult(
            Fits::when($isWithin),
            new Phrase($isWithin ? 'limits.edge_is_far' : 'limits.edge_too_near', [
                'distance' => $distance,
                'needed' => $needed,
            ]),
            [$line],
            $working,
            $advice,
        );
    }
}
