<?php

declare(strict_types=1);

namespace Bench;

use App\Models\Machine;
use App\Models\Yard;
use App\Telematics\PollTelematics;
use App\Telematics\TelematicsProvider;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Telematics\FleetSnapshot;

/**
 * telematics_import_per_s: reports of machines that ran, each of them news, read from one snapshot and written into the
 * chains. Floor: one row for each, in a transaction each. Wanted: a fleet of 10,000 that is polled every quarter of an
 * hour is taken in before the next poll, with as much to spare.
 */
final readonly class TelematicsBench
{
    private const MACHINES = 400;

    private const WANTED_A_SECOND = 2 * 10_000 / (15 * 60);

    public function __construct(private Application $app)
    {
    }

    /** @return iterable<Figure> */
    public function figures(): iterable
    {
        $now = CarbonImmutable::now();
        $at = $now->subMinutes(10)->utc()->format('Y-m-d\TH:i:s\Z');
        $equipment = Machine::query()->limit(self::MACHINES)->get()->map(
            static fn (Machine $machine): string => '<Equipment><EquipmentHeader>'
                ."<EquipmentID>{$machine->fleet_number}</EquipmentID><SerialNumber>{$machine->serial}</SerialNumber>"
                ."</EquipmentHeader><CumulativeOperatingHours datetime=\"{$at}\"><Hour>20000.0</Hour>"
                .'</CumulativeOperatingHours></Equipment>',
        );
        $provider = new class('<Fleet version="1">'.$equipment->implode('').'</Fleet>') implements TelematicsProvider
        {
            public function __construct(private readonly string $body)
            {
            }

            public function snapshots(): iterable
            {
                yield FleetSnapshot::read($this->body);
            }
        };
        $yard = $this->app->make(CurrentYard::class);
        $here = Yard::query()->findOrFail($yard->id());
        $yard->leave();
        $began = hrtime(true);
        $result = $this->app->make(PollTelematics::class, ['provider' => $provider])();
        $seconds = (hrtime(true) - $began) / 1e9;
        $yard->stepInto($here);
        if ($result->taken < count($equipment)) {
            throw new \LogicException("Only {$result->taken} of {$result->machines} reports were taken.");
        }
        yield Figure::atLeast(
            'telematics_import_per_s',
            $result->taken / $seconds,
            '1/s',
            $this->rowsASecond(),
            self::WANTED_A_SECOND,
        );
    }

    private function rowsASecond(): float
    {
        $began = hrtime(true);
        for ($row = 0; $row < self::MACHINES; $row++) {
            DB::transaction(static fn (): bool => DB::table('telematics_polls')->insert(
                ['at' => '2026-01-01 00:00:00', 'machines' => $row, 'taken' => 0, 'aside' => 0],
            ));
        }

        return self::MACHINES / ((hrtime(true) - $began) / 1e9);
    }
}
