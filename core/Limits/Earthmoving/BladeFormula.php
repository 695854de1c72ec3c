<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** What a heaped blade pushes, and what its shape is for. Common practice, no source. */
final readonly class BladeFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $material = Material::from($inputs->choice('material'));
        $blade = $inputs->quantity('blade');
        $density = $inputs->optional('density') ?? $material->density();
        $heap = Rounded::up(Material::mass($blade, $density), 0);

        return new SheetResult(
            Fits::Told,
            new Phrase('limits.blade_pushes', ['heap' => $heap]),
            [LedgerLine::computed(new Phrase('limits.heaped_it_weighs'), $heap)],
            [new Phrase('limits.volume_by_density', ['bucket' => $blade, 'density' => $density])],
            [new Phrase("limits.blade_{$inputs->choice('shape')}"), new Phrase('limits.wet_is_heavier')],
        );
    }
}
