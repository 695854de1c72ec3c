<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Condition;
use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Reading\Fluids\DipstickLimits;
use JadeLedger\Core\Reading\Fluids\Face;
use JadeLedger\Core\Reading\Instrument;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Observed;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Reading\UnitSlip;
use JadeLedger\Core\Reading\Validity;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * The verdict on a reading: first whether it was taken in a state in which it means anything, then where it lies.
 *
 * A reading in the wrong machine state, or with a condition not held, or on the wrong face of a dipstick, is not valid.
 */
final readonly class JudgeReading
{
    /** @param  list<Condition>  $conditions those of the check */
    public function __construct(private Check $check, private Instrument $instrument, private array $conditions)
    {
    }

    public function judge(Observation $observation, Stage $present, MeterHistory $meter): Judgement
    {
        $observation = $observation->after($meter);
        if (! $this->check->needs->isMetBy($present->state)) {
            return Judgement::inAnotherState($this->check, $present);
        }
        $validity = Validity::of($this->conditions, $observation->conditions);
        if (! $validity->isWhole()) {
            $later = $this->mayWait($validity, $observation) && $this->seen($observation)->outcome !== Outcome::Stop;
            $verdict = Verdict::open(
                new Phrase('reading.conditions_not_held', ['conditions' => $this->asked($validity->missing)]),
                [], $this->check->source, new Phrase($later ? 'reading.read_later' : 'reading.posture_first'),
            );

            return $later ? Judgement::toBeReadLater($verdict, $validity) : Judgement::notValid($verdict, $validity);
        }
        if (
            $this->instrument instanceof DipstickLimits &&
            ! ($observation->face ?? Face::Cold)->isReadWhen($present->state->temperature)
        ) {
            return Judgement::notValid(
                Verdict::open(new Phrase('dipstick.wrong_face'), [], $this->instrument->source()),
                $validity,
            );
        }

        return Judgement::valid($this->seen($observation), $validity);
    }

    /**
     * Only what can wait is missing, and it was measured: a thermometer that nobody looked at does not start a
     * machine.
     */
    private function mayWait(Validity $validity, Observation $observation): bool
    {
        $measured = array_map(
            static fn (Observed $one): ?string => $one->measured === null ? null : $one->conditionId,
            $observation->conditions,
        );
        $missing = array_filter(
            $this->conditions,
            static fn (Condition $one): bool => in_array($one->id, $validity->missing, true),
        );

        return array_filter(
            $missing,
            static fn (Condition $one): bool => ! $one->mayWait || ! in_array($one->id, $measured, true),
        ) === [];
    }

    /** What the instrument and the liquid say, whatever the machine stands like. */
    private function seen(Observation $observation): Verdict
    {
        return $this->withLook(
            $this->withUnitSlip($this->instrument->judge($observation), $observation),
            $observation->look,
        );
    }

    private function withUnitSlip(Verdict $verdict, Observation $observation): Verdict
    {
        $slip = $this->instrument instanceof ScaleReading && $verdict->outcome === Outcome::Attend
            ? UnitSlip::suspected($this->instrument, $observation->value)
            : null;

        return $slip === null ? $verdict : $verdict->after($slip->phrase());
    }

    /** Oil that does not look clear is attended to, however high it stands. */
    private function withLook(Verdict $verdict, ?string $look): Verdict
    {
        if ($look === null || $look === ($this->check->looks[0] ?? $look) || $verdict->outcome !== Outcome::Stands) {
            return $verdict;
        }

        return Verdict::attend(
            new Phrase('reading.looks_'.$look),
            $verdict->working,
            $verdict->source,
            new Phrase('reading.sample'),
        );
    }

    /** @param  list<string>  $ids */
    private function asked(array $ids): string
    {
        $asked = [];
        foreach ($this->conditions as $condition) {
            if (in_array($condition->id, $ids, true)) {
                $asked[] = $condition->asks;
            }
        }

        return implode('; ', $asked);
    }
}
