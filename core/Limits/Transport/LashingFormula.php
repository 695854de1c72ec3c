<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/** Four crossed lashings in all three directions, and how many would be wanted over the top instead. */
final readonly class LashingFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $mass = $inputs->quantity('mass')->plus($inputs->orNothing('attachments'));
        $friction = FrictionPair::from($inputs->choice('friction'))->coefficient()->toFloat();
        $alpha = $inputs->angle('alpha');
        $beta = $inputs->angle('beta');
        $worst = null;
        foreach (Direction::cases() as $to) {
            // The angle to the direction of travel and the one across add up to a right angle.
            $towards = $to === Direction::Sideways ? 90 - $beta : $beta;
            $capacity = (new DiagonalLashing($friction, $alpha, $towards))->capacity($mass, $to);
            $worst = $worst === null || $capacity->isGreaterThan($worst) ? $capacity : $worst;
        }
        $needed = Rounded::up($worst->in(Unit::Decanewton), 0);
        $has = $inputs->quantity('capacity');
        $over = new TopOverLashing($friction, $alpha, $inputs->quantity('tension'));
        $overTheTop = max(
            2,
            ...array_map(static fn (Direction $to): int => $over->least($mass, $to), Direction::cases()),
        );
        $isEnough = ! $has->isLessThan($needed);

        return new SheetResult(
            Fits::when($isEnough),
            new Phrase($isEnough ? 'limits.lashings_hold' : 'limits.lashings_too_weak', [
                'needed' => $needed->text(),
                'has' => $has->in(Unit::Decanewton)->text(),
            ]),
            [
                LedgerLine::computed(new Phrase('limits.each_lashing_at_least'), $needed),
                LedgerLine::computed(new Phrase('limits.over_the_top'), Quantity::of($overTheTop, Unit::Piece)),
            ],
            [new Phrase('limits.three_directions', ['mass' => $mass, 'friction' => sprintf('%.2F', $friction)])],
            [new Phrase('limits.wheels_want_direct'), new Phrase('limits.check_on_the_way')],
        );
    }
}
