<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Machine;
use App\Models\MachineStanding;
use Carbon\CarbonImmutable;

/** The fleet that the provider of the demo answers for: what is out runs on with the clock, what is in stands. */
final class DemoTelematics
{
    public const FILE = 'telematics-fleet.json';

    private const FAULTS = ['E-11' => [['SPN 110 FMI 16', 'Engine coolant temperature above normal']]];

    /** @return list<array<string, mixed>> in the form that the provider reads */
    public static function fleet(CarbonImmutable $now): array
    {
        $fleet = [];
        foreach (DemoService::MACHINES as $at => [$number, $rate]) {
            $machine = Machine::query()->with('state')->where('fleet_number', $number)->firstOrFail();
            $isOut = $machine->state?->standing === MachineStanding::Out;
            $hours = (float) $machine->state?->smr_hours;
            $fleet[] = self::machine($number, $machine->serial, $machine->model_id, $hours, $now, [
                'hours_per_day' => $isOut ? $rate : 0,
                'fuel' => 34 + $at * 17 % 60,
                'faults' => self::FAULTS[$number] ?? [],
            ]);
        }
        // Bought yesterday, and told to the provider before it was entered here.
        $fleet[] = self::machine(
            'E-51',
            'TQDRO91204',
            'dromvik_14c',
            3.4,
            $now,
            ['hours_per_day' => 0, 'fuel' => 88, 'faults' => []],
        );

        return $fleet;
    }

    /**
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    private static function machine(
        string $id,
        string $serial,
        string $model,
        float $hours,
        CarbonImmutable $now,
        array $more,
    ): array {
        return [
            'id' => $id,
            'serial' => $serial,
            'model' => $model,
            'hours' => $hours,
            'at' => $now->toIso8601ZuluString(),
        ] + $more;
    }
}
