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
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** Whether a load stands by itself while the lorry brakes, bends and starts. Source: EN 12195-1. */
final readonly class StandsUprightFormula implements Formula
{
    private const GRAVITY = '9.81';

    /** Shares of the weight, forward and to every other side. */
    private const FORWARD = '0.8';

    private const ELSEWHERE = '0.5';

    public function compute(SheetInputs $inputs): SheetResult
    {
        $height = $inputs->quantity('height');
        $forward = new LoadStability($inputs->quantity('ahead'), $height);
        $beside = new LoadStability($inputs->quantity('beside'), $height);
        $tips = match (true) {
            ! $beside->holdsAgainst(BigRational::of(self::ELSEWHERE)) => 'limits.tips_sideways',
            ! $forward->holdsAgainst(BigRational::of(self::FORWARD)) => 'limits.tips_forward',
            default => null,
        };

        return new SheetResult(
            Fits::when($tips === null),
            new Phrase($tips ?? 'limits.stands_by_itself'),
            [
                LedgerLine::computed(new Phrase('limits.stands_forward'), self::upTo($forward)),
                LedgerLine::computed(new Phrase('limits.stands_sideways'), self::upTo($beside)),
            ],
            [new Phrase('limits.edge_over_height', [
                'beside' => $inputs->quantity('beside'), 'ahead' => $inputs->quantity('ahead'), 'height' => $height,
            ])],
            [new Phrase($tips === null ? 'limits.still_lash_it' : 'limits.lay_it_down')],
        );
    }

    private static function upTo(LoadStability $load): Quantity
    {
        $limit = $load->ratio()->multipliedBy(self::GRAVITY)->simplified();

        return Rounded::down(Quantity::of($limit, Unit::MetrePerSecondSquared), 1);
    }
}
