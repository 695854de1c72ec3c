<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use App\Models\MachineStatus;
use App\Models\MeterChange;
use App\Models\Reading;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\Catalogue\Check;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterLimits;

/** The hour meter that a machine has, the ones that it had, and what the machine has run in all. */
final readonly class HourMeterOfMachine
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /** @throws LimitNotKnown when its model has no hour meter */
    public function limits(Machine $machine): HourMeterLimits
    {
        $catalogue = $this->shelf->current();
        $asked = array_filter(
            $catalogue->checks,
            static fn (Check $check): bool => $check->answer === AnswerKind::HourMeter,
        );
        $name = (string) (array_values($asked)[0]->limits ?? throw new \LogicException(
            'No check reads the hour meter.',
        ));
        $limits = $catalogue->model($machine->model_id)->limit($name);

        return $limits instanceof HourMeterLimits
            ? $limits
            : throw new \LogicException("The limit {$name} is no hour meter's.");
    }

    /** The last figure that is known of the meter that was on the machine then. */
    public function history(string $machineId, CarbonInterface $at): MeterHistory
    {
        if (! $this->changes($machineId)->where('at', '>', $at->format('Y-m-d H:i:s.u'))->exists()) {
            $state = MachineStatus::query()->find($machineId);

            return self::known($state?->smr_hours, $state?->smr_at, $at);
        }
        [$hours, $readAt] = $this->lastBefore($machineId, $at);

        return self::known($hours, $readAt, $at);
    }

    /**
     * The last figure that counts of the meter that is or was on the machine: read on a walk, or when it was put on.
     *
     * @param CarbonInterface|null $before none: up to now
     * @return array{string|null, CarbonInterface|null, string|null} hours, when, and the entry that says so
     */
    public function lastBefore(string $machineId, ?CarbonInterface $before): array
    {
        $until = $before?->format('Y-m-d H:i:s.u') ?? '9999-12-31';
        $read = Reading::query()
            ->where('machine_id', $machineId)
            ->where('judgement->kind', AnswerKind::HourMeter->value)
            ->where('is_valid', true)
            ->where('is_struck', false)
            ->where('judgement->verdict->is_disputed', false)
            ->where('recorded_at', '<=', $until)
            ->orderByDesc('recorded_at')
            ->first();
        $change = $this->changes($machineId)->where('at', '<=', $until)->orderByDesc('at')->first();
        if ($change !== null && ($read === null || $change->at->greaterThan($read->recorded_at))) {
            return [$change->began, $change->since, $change->id];
        }

        return [$read?->value, $read?->recorded_at, $read?->id];
    }

    /** Whether another meter was put on after that moment: what was read then was read off the old one. */
    public function wasChangedAfter(string $machineId, CarbonInterface $at): bool
    {
        return $this->changes($machineId)->where('at', '>', $at->format('Y-m-d H:i:s.u'))->exists();
    }

    /** Hours that the figures of two readings lie apart only because the meter was changed between them. */
    public function changedBetween(string $machineId, CarbonInterface $from, CarbonInterface $to): Quantity
    {
        $sum = $this->changes($machineId)
            ->where('at', '>', $from->format('Y-m-d H:i:s.u'))
            ->where('at', '<=', $to->format('Y-m-d H:i:s.u'))
            ->sum('offset_hours');

        return Quantity::of((string) $sum, Unit::Hour);
    }

    /** What the machine has run in all, by every meter that it had; none while it was never read. */
    public function inAll(Machine $machine): ?Quantity
    {
        $shows = $machine->state?->smr_hours;

        return $shows === null ? null : Quantity::of($shows, Unit::Hour)
            ->plus(Quantity::of((string) $this->changes($machine->id)->sum('offset_hours'), Unit::Hour));
    }

    /** Hours that the meters before had counted when something was read: what the wear of a part goes by. */
    public function offsetAt(string $machineId, CarbonInterface $at): Quantity
    {
        $sum = $this->changes($machineId)->where('at', '<=', $at->format('Y-m-d H:i:s.u'))->sum('offset_hours');

        return Quantity::of((string) $sum, Unit::Hour);
    }

    /** @return Builder<MeterChange> */
    private function changes(string $machineId): Builder
    {
        return MeterChange::query()->where('machine_id', $machineId);
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
