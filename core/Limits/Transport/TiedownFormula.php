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

/** A machine on a lorry, tied down by chains: how many, and whether their working load limits together are enough. */
final readonly class TiedownFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $weight = $inputs->quantity('mass')->plus($inputs->orNothing('attachments'));
        $count = $inputs->count('count');
        $limit = $inputs->quantity('limit');
        $sum = AggregateLimit::of([new Tiedown($count, $limit, TiedownPath::from($inputs->choice('path')))], $weight);
        $byLength = TiedownCount::NotBlocked->least($inputs->quantity('length'), $weight);
        $least = HeavyMachine::is($weight) ? max(HeavyMachine::TIEDOWNS, $byLength) : $byLength;
        $isEnough = $sum->isEnough() && $count >= $least;

        return new SheetResult(
            Fits::when($isEnough),
            new Phrase(
                match (true) {
                    $count < $least => 'limits.too_few_tiedowns',
                    ! $sum->isEnough() => 'limits.tiedowns_too_weak',
                    default => 'limits.tiedowns_enough',
                },
                ['least' => (string) $least, 'required' => Rounded::up($sum->required->in(Unit::Kilogram), 0)],
            ),
            [
                LedgerLine::computed(new Phrase('limits.tiedowns_at_least'), Quantity::of($least, Unit::Piece)),
                LedgerLine::computed(
                    new Phrase('limits.limits_at_least'),
                    Rounded::up($sum->required->in(Unit::Kilogram), 0),
                ),
                LedgerLine::computed(
                    new Phrase('limits.limits_counted'),
                    Rounded::down($sum->aggregate->in(Unit::Kilogram), 0),
                ),
            ],
            [new Phrase('limits.half_the_weight', ['weight' => $weight, 'limit' => $limit])],
            [
                ...HeavyMachine::is($weight) ? [new Phrase('limits.heavy_machine')] : [],
                new Phrase('limits.check_on_the_way'),
            ],
        );
    }
}
