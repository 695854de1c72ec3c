<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\Limits\Sheet\Formula;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\Rounded;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/**
 * What a set has left in thin or hot air, against what runs and what starts. Starting a motor asks for several times
 * its running load for a moment.
 *
 * Derating 1 % for each 100 m above 1,000 m and 2 % for each 5 °C above 40 °C: common practice, no source; the maker's
 * table wins.
 */
final readonly class GeneratorFormula implements Formula
{
    public function compute(SheetInputs $inputs): SheetResult
    {
        $rated = $inputs->quantity('rated');
        $byHeight = $this->share($inputs->orNothing('altitude')->ratioTo(Quantity::of(100, Unit::Metre))->minus(10));
        $warmer = $inputs->optional('air')?->in(Unit::Celsius)->decimal(3, RoundingMode::HALF_UP)->toBigRational();
        $byHeat = $this->share(($warmer ?? BigRational::zero())->minus(40)->multipliedBy('2/5'));
        $line = LedgerLine::less(new Phrase('limits.generator_power'), $rated, [
            new Less($rated->times($byHeight), new Phrase('limits.thin_air')),
            new Less($rated->times($byHeat), new Phrase('limits.hot_air')),
        ]);
        $factor = $inputs->share('power_factor');
        [$running, $motor] = [$inputs->quantity('running'), $inputs->orNothing('motor')];
        $load = new GeneratorLoad(
            $running->plus($motor),
            $factor,
            $inputs->quantity('voltage'),
            $inputs->count('phases'),
        );
        $starts = StartMode::from($inputs->choice('start'))->factor();
        $peak = (new GeneratorLoad(
            $running->plus($motor->times($starts)),
            $factor,
            $inputs->quantity('voltage'),
            $inputs->count('phases'),
        ))->apparent();
        $kilowatts = Quantity::of(
            $line->yours->ratioTo(Quantity::of(1, Unit::Kilovoltampere))->multipliedBy($factor)->simplified(),
            Unit::Kilowatt,
        );
        $runsOver = $load->apparent()->isGreaterThan($line->yours);
        $startsOver = $peak->isGreaterThan($line->yours);
        $isLow = LeastLoad::isLow($kilowatts, $running->plus($motor));

        return new SheetResult(
            Fits::when(! $runsOver && ! $startsOver),
            new Phrase(
                match (true) {
                    $runsOver => 'limits.set_too_small',
                    $startsOver => 'limits.set_too_small_to_start',
                    $isLow => 'limits.set_too_large',
                    default => 'limits.set_suits',
                },
                [
                    'load' => Rounded::up($load->apparent(), 1),
                    'peak' => Rounded::up($peak, 1),
                    'power' => Rounded::down($line->yours, 1),
                    'share' => Rounded::percent($load->apparent()->ratioTo($line->yours)),
                ],
            ),
            [
                new LedgerLine(
                    $line->what,
                    $line->maker,
                    array_map(
                        static fn (Less $one): Less => new Less(Rounded::up($one->by, 1), $one->why),
                        $line->less,
                    ),
                    Rounded::down($line->yours, 1),
                ),
                LedgerLine::computed(new Phrase('limits.running_current'), Rounded::up($load->current(), 1)),
            ],
            [
                new Phrase('limits.apparent_sum', [
                    'load' => Rounded::up($load->apparent(), 1),
                    'peak' => Rounded::up($peak, 1),
                ]),
            ],
            [
                ...$isLow ? [new Phrase('limits.soots_up')] : [],
                ...$startsOver && ! $runsOver ? [new Phrase('limits.start_one_by_one')] : [],
                new Phrase('limits.earth_and_trip'),
            ],
        );
    }

    /** Percent as a share, never below nothing nor above all. */
    private function share(BigRational $percent): BigRational
    {
        return match (true) {
            $percent->isNegative() => BigRational::zero(),
            $percent->isGreaterThan(100) => BigRational::one(),
            default => $percent->dividedBy(100)->simplified(),
        };
    }
}
