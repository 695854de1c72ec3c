<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterLimits;
use JadeLedger\Core\Reading\Phrase;
use JadeLedger\Core\Reading\Verdict;

/**
 * Whether an hour meter can be right: it never runs backwards and never gains more hours than have passed.
 *
 * A reading that contradicts this is not refused, for meters are replaced and people misread: it is posted as disputed,
 * with a photo and a reason, and looked into. A meter that showed nearly all nines begins again at nought: that is no
 * running backwards where the hours from there fit the time that passed. Common practice, no source; an hour has sixty
 * minutes.
 */
final readonly class HourMeterReading
{
    public function __construct(private HourMeterLimits $limits, private MeterHistory $history)
    {
    }

    public function judge(Quantity $reading): Verdict
    {
        $last = $this->history->last;
        if ($last === null || $this->history->elapsed === null) {
            return Verdict::stands(new Phrase('meter.first'), [], $this->limits->source());
        }
        $gain = $reading->minus($last);
        $elapsed = $this->history->elapsed->in(Unit::Hour);
        $working = ["{$reading->text()} h − {$last->text()} h = {$gain->text()} h"];
        $most = $elapsed->plus($this->oneStep());
        $round = $gain->plus(Quantity::of(10 ** $this->limits->wholeDigits, Unit::Hour));
        if ($gain->isNegative() && ! $round->isGreaterThan($most)) {
            return Verdict::stands(
                new Phrase('meter.rolled_over', ['gain' => $round->text(), 'last' => $last->text()]),
                [...$working, "{$gain->text()} h + 10^{$this->limits->wholeDigits} h = {$round->text()} h"],
                $this->limits->source(),
            );
        }

        return match (true) {
            $gain->isNegative() => Verdict::disputed(
                new Phrase('meter.ran_backwards', ['last' => $last->text(), 'gap' => $gain->negated()->text()]),
                $working, $this->limits->source(), new Phrase('meter.confirm'),
            ),
            $gain->isGreaterThan($most) => Verdict::disputed(
                new Phrase('meter.gained_too_much', ['gain' => $gain->text(), 'elapsed' => (string) $elapsed->decimal(1, RoundingMode::HALF_UP)]),
                [...$working, "{$gain->text()} h > {$elapsed->decimal(1, RoundingMode::HALF_UP)} h"], $this->limits->source(), new Phrase('meter.confirm'),
            ),
            default => Verdict::stands(new Phrase('meter.plausible', ['gain' => $gain->text()]), $working, $this->limits->source()),
        };
    }

    /** The last drum may have been about to turn at either reading. */
    private function oneStep(): Quantity
    {
        return Quantity::of(1, Unit::Hour)->dividedBy(10 ** $this->limits->decimals);
    }
}
