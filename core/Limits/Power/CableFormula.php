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
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/**
 * How much voltage a cable of copper loses, and from which size on it loses little enough. A hint: what it may carry
 * without getting hot is for an electrician.
 *
 * Resistance of copper at 70 °C, 0.0225 ohm mm²/m: common practice, no source. Most 5 %: BS 7671 appendix 4, from
 * memory,
 * to be confirmed.
 */
final readonly class CableFormula implements Formula
{
    private const OHMS = 0.0225;

    private const SIZES = [1.5, 2.5, 4.0, 6.0, 10.0, 16.0, 25.0, 35.0, 50.0, 70.0, 95.0, 120.0];

    public function compute(SheetInputs $inputs): SheetResult
    {
        $size = Figure::float($inputs->quantity('size'), Unit::SquareMillimetre);
        $drop = $this->drop($inputs, $size);
        $most = Figure::float($inputs->quantity('most'), Unit::Percent);
        $enough = null;
        foreach (self::SIZES as $candidate) {
            $enough ??= $this->drop($inputs, $candidate) <= $most ? $candidate : null;
        }
        $isWithin = $drop <= $most + 1e-9;

        return new SheetResult(
            Fits::when($isWithin),
            new Phrase($isWithin ? 'limits.cable_within' : 'limits.cable_too_thin', [
                'drop' => sprintf('%.1F', $drop),
                'most' => sprintf('%.0F', $most),
            ]),
            [
                LedgerLine::computed(
                    new Phrase('limits.voltage_lost'),
                    Rounded::up(Figure::of($drop, Unit::Percent), 1),
                ),
                ...$enough === null
                    ? []
                    : [
                        LedgerLine::computed(
                            new Phrase('limits.cable_from'),
                            Figure::of($enough, Unit::SquareMillimetre),
                        ),
                    ],
            ],
            [
                new Phrase('limits.drop_sum', [
                    'current' => $inputs->quantity('current'),
                    'length' => $inputs->quantity('length'),
                ]),
            ],
            [new Phrase('limits.electrician_sizes')],
        );
    }

    /** Percent of the voltage. */
    private function drop(SheetInputs $inputs, float $size): float
    {
        $way = $inputs->count('phases') === 3 ? sqrt(3.0) : 2.0;
        $lost =
            ($way *
                Figure::float($inputs->quantity('current'), Unit::Ampere) *
                Figure::float($inputs->quantity('length'), Unit::Metre) *
                self::OHMS) /
            $size;

        return (100 * $lost) / Figure::float($inputs->quantity('voltage'), Unit::Volt);
    }
}
