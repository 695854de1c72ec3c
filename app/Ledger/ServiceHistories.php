<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\Machine;
use App\Models\ServiceRecord;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Meter\Meter;

/** The service histories of many machines, in as many queries as one has. */
final class ServiceHistories
{
    private const LOOKS_BACK_DAYS = 400;

    /**
     * @param list<string> $ids of machines
     * @return list<ServiceHistory> in the order of the ids
     */
    public static function of(array $ids, CarbonImmutable $now): array
    {
        $records = ServiceRecord::query()->with('actor')->whereIn('machine_id', $ids)->get()->groupBy('machine_id');
        $uses = UseOfMachine::ofAll($ids);
        $hires = Hire::query()->with(['state', 'customer'])->whereIn('machine_id', $ids)->whereNull('cancelled_at')
            ->where('goes_out_at', '>=', $now->subDays(self::LOOKS_BACK_DAYS)->format('Y-m-d H:i:s.u'))
            ->get()->groupBy('machine_id');
        $last = HappenedTo::last($ids);
        $work = UseOfMachine::ofAll($ids, Meter::Work);
        $machines = Machine::query()->with('state')->whereIn('id', $ids)->get()->keyBy('id');

        return array_values(array_map(static fn (string $id): ServiceHistory => new ServiceHistory(
            $machines[$id],
            $records->get($id) ?? new Collection,
            $uses[$id],
            $hires->get($id) ?? new Collection,
            HappenedTo::of($hires->get($id) ?? new Collection, $last[$id]),
            $work[$id],
        ), array_filter($ids, static fn (string $id): bool => $machines->has($id))));
    }
}
