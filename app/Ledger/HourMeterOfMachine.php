<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\MeterChange;
use App\Models\MeterReadingRecord;
use App\Models\Reading;
use App\Models\TelematicsReport;
use App\Words;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterLimits;
use JadeLedger\Core\Telematics\TimedHours;

/** The hour meter that a machine has, the ones that it had, and what the machine has run in all. */
final readonly class HourMeterOfMachine
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /** @throws LimitNotKnown when its model has no hour meter */
    public function limits(Machine $machine, Meter $meter = Meter::Main): HourMeterLimits
    {
        $catalogue = $this->shelf->current();
        $asked = array_filter(
            $catalogue->checks,
            static fn (Check $check): bool => $check->answer === $meter->answer(),
        );
        $name = (string) (array_values($asked)[0]->limits ?? throw new \LogicException(
            'No check reads the hour meter.',
        ));
        $limits = $catalogue->model($machine->model_id)->limit($name);

        return $limits instanceof HourMeterLimits
            ? $limits
            : throw new \LogicException("The limit {$name} is no hour meter's.");
    }

    public function has(Machine $machine, Meter $meter): bool
    {
        try {
            $this->limits($machine, $meter);

            return true;
        } catch (LimitNotKnown) {
            return false;
        }
    }

    /** The last figure that is known of the meter that was on the machine then. */
    public function history(string $machineId, CarbonInterface $at, Meter $meter = Meter::Main): MeterHistory
    {
        if ($meter === Meter::Main && ! $this->wasChangedAfter($machineId, $at)) {
            $state = MachineStatus::query()->find($machineId);

            return self::known($state?->smr_hours, $state?->smr_at, $at);
        }

        return $this->historyBefore($machineId, $at, $meter);
    }

    /** The same, with what the machine reported of itself, on the scale of the meter that it has. */
    public function besideReports(string $machineId, CarbonInterface $at): MeterHistory
    {
        $history = $this->history($machineId, $at);
        $said = TelematicsReport::query()->where('machine_id', $machineId)
            ->where('at', '<=', $at->format('Y-m-d H:i:s.u'))->orderByDesc('at')->first();
        $onMeter = $said?->timed()->hours->minus($this->offsetAt($machineId, $at));

        return $said === null || $onMeter === null || $onMeter->isNegative()
            ? $history
            : $history->beside(new TimedHours($onMeter, $said->at->toDateTimeImmutable()), $at->toDateTimeImmutable());
    }

    /** The last figure that is known from before a moment, whatever was read since. */
    public function historyBefore(string $machineId, CarbonInterface $at, Meter $meter = Meter::Main): MeterHistory
    {
        [$hours, $readAt] = $this->lastBefore($machineId, $at, $meter);

        return self::known($hours, $readAt, $at);
    }

    /**
     * The last figure that counts of the meter that is or was on the machine: read on a walk, or when it was put on.
     *
     * @param CarbonInterface|null $before none: up to now
     * @return array{string|null, CarbonInterface|null, string|null} hours, when, and the entry that says so
     */
    public function lastBefore(string $machineId, ?CarbonInterface $before, Meter $meter = Meter::Main): array
    {
        $until = $before?->format('Y-m-d H:i:s.u') ?? '9999-12-31';
        $read = Reading::countedHours($meter)->where('machine_id', $machineId)
            ->where('recorded_at', '<=', $until)
            ->orderByDesc('recorded_at')
            ->first();
        $beside = MeterReadingRecord::of($meter)->where('machine_id', $machineId)->where('at', '<=', $until)
            ->orderByDesc('at')->first();
        $last = $read === null || ($beside !== null && $beside->at->greaterThan($read->recorded_at))
            ? [$beside?->hours, $beside?->at, $beside?->id]
            : [$read->value, $read->recorded_at, $read->id];
        $change = $this->changes($machineId, $meter)->where('at', '<=', $until)->orderByDesc('at')->first();
        if ($change !== null && ($last[1] === null || $change->at->greaterThan($last[1]))) {
            return [$change->began, $change->since, $change->id];
        }

        return $last;
    }

    /**
     * The first figure that is known after a moment.
     *
     * @return array{string, CarbonInterface}|null
     */
    public function firstAfter(string $machineId, CarbonInterface $at, Meter $meter = Meter::Main): ?array
    {
        $from = $at->format('Y-m-d H:i:s.u');
        $read = Reading::countedHours($meter)->where('machine_id', $machineId)
            ->where('recorded_at', '>', $from)
            ->orderBy('recorded_at')
            ->first();
        $beside = MeterReadingRecord::of($meter)->where('machine_id', $machineId)->where('at', '>', $from)
            ->orderBy('at')->first();
        if ($read === null || ($beside !== null && $beside->at->lessThan($read->recorded_at))) {
            return $beside === null ? null : [$beside->hours, $beside->at];
        }

        return [$read->value, $read->recorded_at];
    }

    /** Writes down what the meter shows now, as far as is known. */
    public function keepLast(string $machineId): void
    {
        [$hours, $at, $says] = $this->lastBefore($machineId, null);
        MachineStatus::query()->firstOrNew(
            ['machine_id' => $machineId],
            ['standing' => MachineStanding::InYard],
        )->fill(['smr_hours' => $hours, 'smr_at' => $at, 'smr_entry_id' => $says])->save();
    }

    /**
     * A figure that this meter can show: of its digits, and to its tenth.
     *
     * @throws ApiProblem when it cannot
     */
    public static function onTheScale(string $field, string $figure, HourMeterLimits $limits): Quantity
    {
        $hours = Quantity::of($figure, Unit::Hour);
        $end = Quantity::of(10 ** $limits->wholeDigits, Unit::Hour);
        $pattern = $limits->decimals === 0 ? '/^\d+$/D' : sprintf('/^\d+(\.\d{1,%d})?$/D', $limits->decimals);
        if (preg_match($pattern, $figure) !== 1 || ! $hours->isLessThan($end)) {
            throw ApiProblem::because(ProblemName::NotOnTheMeter, 422, [
                'digits' => $limits->wholeDigits,
                'decimals' => $limits->decimals,
            ], [$field => [Words::say('problems.not_on_the_meter.title')]]);
        }

        return $hours;
    }

    /** Whether another meter was put on after that moment: what was read then was read off the old one. */
    public function wasChangedAfter(string $machineId, CarbonInterface $at, Meter $meter = Meter::Main): bool
    {
        return $this->changes($machineId, $meter)->where('at', '>', $at->format('Y-m-d H:i:s.u'))->exists();
    }

    /** Hours that the figures of two readings lie apart only because the meter was changed between them. */
    public function changedBetween(
        string $machineId,
        CarbonInterface $from,
        CarbonInterface $to,
        Meter $meter = Meter::Main,
    ): Quantity {
        $sum = $this->changes($machineId, $meter)
            ->where('at', '>', $from->format('Y-m-d H:i:s.u'))
            ->where('at', '<=', $to->format('Y-m-d H:i:s.u'))
            ->toBase()->sum('offset_hours');

        return Quantity::of((string) $sum, Unit::Hour);
    }

    /** What the machine has run in all, by every meter that it had; none while it was never read. */
    public function inAll(Machine $machine): ?Quantity
    {
        return MeterOffsets::of($machine->id)->inAll($machine);
    }

    /** What one of its meters has counted in all, replaced ones of the kind with it; none while it was never read. */
    public function inAllBy(Machine $machine, Meter $meter): ?Quantity
    {
        return $meter === Meter::Main
            ? $this->inAll($machine)
            : UseOfMachine::of($machine, $meter)->inAll($machine);
    }

    /** Hours that the meters before had counted when something was read: what the wear of a part goes by. */
    public function offsetAt(string $machineId, CarbonInterface $at, Meter $meter = Meter::Main): Quantity
    {
        return MeterOffsets::of($machineId, $meter)->at($at);
    }

    /** @return Builder<MeterChange> */
    private function changes(string $machineId, Meter $meter): Builder
    {
        return MeterChange::query()->where('machine_id', $machineId)->where('meter', $meter);
    }

    private static function known(?string $hours, ?CarbonInterface $readAt, CarbonInterface $at): MeterHistory
    {
        return $hours === null || $readAt === null
            ? MeterHistory::none()
            : MeterHistory::of(
                Quantity::of($hours, Unit::Hour),
                $readAt->toDateTimeImmutable(),
                $at->toDateTimeImmutable(),
            );
    }
}
