<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Wear\ChainElongation;
use JadeLedger\Core\Reading\Wear\ForkHeel;
use JadeLedger\Core\Reading\Wear\ForkTips;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Phrase;

/** Forks and chains as they are measured, against what withdraws them. Sources: ISO 5057; chains by trade practice. */
final readonly class ForkConditionFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $lines = [];
        $worn = null;
        foreach (self::measured($inputs) as [$what, $limit, $isWithdrawn]) {
            $lines[] = LedgerLine::computed(new Phrase("limits.{$what}"), $limit);
            $worn ??= $isWithdrawn ? "limits.{$what}_not" : null;
        }

        return new SheetResult(
            Fits::when($worn === null),
            new Phrase($worn ?? 'limits.forks_serve'),
            $lines,
            [new Phrase('limits.fork_rules')],
            $worn === null ? [] : [new Phrase('limits.withdraw_the_pair')],
        );
    }

    /** @return \Generator<int, array{string, Quantity, bool}> what is measured, its limit, and whether it is reached */
    private static function measured(SheetInputs $inputs): \Generator
    {
        $source = new Source(SourceKind::Published, 'ISO 5057');
        $heel = (new ForkHeel($inputs->quantity('heel_new'), $source))->limit();
        yield ['heel_more_than', $heel, ! $inputs->quantity('heel')->isGreaterThan($heel)];
        $blade = $inputs->quantity('blade');
        $tips = (new ForkTips($blade, $source))->limit();
        yield ['tips_at_most', $tips, $inputs->orNothing('tips')->isGreaterThan($tips)];
        $bent = $inputs->orNothing('bend');
        yield ['straight_within', ForkStraightness::limit($blade), ForkStraightness::isWithdrawn($blade, $bent)];
        $chain = $inputs->optional('chain');
        if ($chain !== null) {
            $most = (new ChainElongation($inputs->quantity('pitch'), $inputs->count('pitches'), $source))->limit();
            yield ['chain_less_than', $most, ! $chain->isLessThan($most)];
        }
    }
}
