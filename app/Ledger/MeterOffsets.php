<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Machine;
use App\Models\MeterChange;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Hours that the meters counted which a machine had before: what is added to the one that it has. */
final readonly class MeterOffsets
{
    /** @param  Collection<int, MeterChange>  $changes of one machine */
    public function __construct(public Collection $changes)
    {
    }

    public static function of(string $machineId, Meter $meter = Meter::Main): self
    {
        return new self(
            MeterChange::query()->where('machine_id', $machineId)->where('meter', $meter)->orderBy('at')->get(),
        );
    }

    /** Hours that were counted by meters before the one that was read then. */
    public function at(CarbonInterface $moment): Quantity
    {
        return self::sum(
            $this->changes->filter(static fn (MeterChange $change): bool => $change->at->lessThanOrEqualTo($moment)),
        );
    }

    /** What the machine has run in all, by every meter that it had; none while it was never read. */
    public function inAll(Machine $machine): ?Quantity
    {
        $shows = $machine->state?->smr_hours;

        return $shows === null ? null : Quantity::of($shows, Unit::Hour)->plus(self::sum($this->changes));
    }

    /** @param  Collection<int, MeterChange>  $changes */
    private static function sum(Collection $changes): Quantity
    {
        return $changes->reduce(
            static fn (Quantity $sum, MeterChange $change): Quantity => $sum->plus(
                Quantity::of($change->offset_hours, Unit::Hour),
            ),
            Quantity::zero(Unit::Hour),
        );
    }
}
