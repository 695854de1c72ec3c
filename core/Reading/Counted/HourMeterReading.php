<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Telematics\MeterAgreement;
use JadeLedger\Core\Telematics\TimedHours;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

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
        $verdict = $this->byTheLastReading($reading);

        return $verdict->isDisputed ? $verdict : $this->besideWhatItReports($reading) ?? $verdict;
    }

    /** Two counters of one machine that are far apart: one of them is wrong, and neither is believed for it. */
    private function besideWhatItReports(Quantity $reading): ?Verdict
    {
        $reported = $this->history->reported;
        if ($reported === null || $this->history->now === null) {
            return null;
        }
        $agreement = MeterAgreement::between($reported, new TimedHours($reading, $this->history->now));
        $tenth = static fn (Quantity $hours): string => (string) $hours->decimal(1, RoundingMode::HALF_UP);

        return $agreement->holds() ? null : Verdict::attend(
            new Phrase('meter.apart', [
                'meter' => $tenth($reading),
                'reported' => $tenth($reported->hours),
                'apart' => $tenth($agreement->apart),
            ]),
            ["{$tenth($reading)} h, {$tenth($reported->hours)} h → {$tenth($agreement->apart)} h"],
            $this->limits->source(),
            new Phrase('meter.which'),
        );
    }

    private function byTheLastReading(Quantity $reading): Verdict
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
                new Phrase('meter.gained_too_much', [
                    'gain' => $gain->text(),
                    'elapsed' => (string) $elapsed->decimal(1, RoundingMode::HALF_UP),
                ]),
                [...$working, "{$gain->text()} h > {$elapsed->decimal(1, RoundingMode::HALF_UP)} h"],
                $this->limits->source(),
                new Phrase('meter.confirm'),
            ),
            default => Verdict::stands(
                new Phrase('meter.plausible', ['gain' => $gain->text()]),
                $working,
                $this->limits->source(),
            ),
        };
    }

    /** The last drum may have been about to turn at either reading. */
    private function oneStep(): Quantity
    {
        return Quantity::of(1, Unit::Hour)->dividedBy(10 ** $this->limits->decimals);
    }
}
