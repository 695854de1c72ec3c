<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Verdict\Phrase;

/** What a loader may carry of the load that tips it. Source: ISO 14397-1 and EN 474-3, by LoaderKind. */
final readonly class TippingShareFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $kind = LoaderKind::from($inputs->choice('kind'));
        $line = LedgerLine::less(
            new Phrase('limits.rated_load'),
            Rounded::down($kind->ratedCapacity($inputs->quantity('tipping')), 0),
            [new Less($inputs->orNothing('attachment'), new Phrase('limits.heavier_attachment'))],
        );
        $load = $inputs->optional('load');
        $isOver = $load !== null && $load->isGreaterThan($line->yours);

        return new SheetResult(
            $load === null ? Fits::Told : Fits::when(! $isOver),
            new Phrase(match (true) {
                $load === null => 'limits.carries_at_most',
                $isOver => 'limits.load_beyond',
                default => 'limits.load_carried',
            }, ['load' => $load ?? $line->yours, 'most' => $line->yours]),
            [LedgerLine::computed(new Phrase('limits.tipping_load'), $inputs->quantity('tipping')), $line],
            [new Phrase('limits.tipping_sum', [
                'share' => Rounded::percent($kind->share()), 'tipping' => $inputs->quantity('tipping'),
            ])],
            [new Phrase('limits.tipping_at_full_turn')],
        );
    }
}
