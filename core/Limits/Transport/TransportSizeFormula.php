<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** How high and how wide a machine is on its lorry, against the lowest bridge on the way and the width of the road. */
final readonly class TransportSizeFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $height = Rounded::up($inputs->quantity('deck')->plus($inputs->quantity('height')), 2);
        $width = $inputs->quantity('width');
        $allowed = $inputs->quantity('allowed_width');
        $bridge = $inputs->optional('bridge');
        $clear = $bridge?->minus($inputs->quantity('margin'));
        $isTooHigh = $clear !== null && $height->isGreaterThan($clear);
        $isTooWide = $width->isGreaterThan($allowed);

        return new SheetResult(
            $bridge === null && ! $isTooWide ? Fits::Told : Fits::when(! $isTooHigh && ! $isTooWide),
            new Phrase(
                match (true) {
                    $isTooHigh => 'limits.too_high_for_the_bridge',
                    $isTooWide => 'limits.too_wide_for_the_road',
                    default => 'limits.so_high_and_wide',
                },
                ['height' => $height, 'width' => $width],
            ),
            [
                LedgerLine::computed(new Phrase('limits.height_on_the_lorry'), $height),
                LedgerLine::computed(new Phrase('limits.width_on_the_lorry'), $width),
            ],
            [
                new Phrase('limits.size_sum', [
                    'deck' => $inputs->quantity('deck'),
                    'height' => $inputs->quantity('height'),
                ]),
            ],
            [new Phrase('limits.measure_it_loaded')],
        );
    }
}
