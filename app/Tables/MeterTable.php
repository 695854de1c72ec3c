<?php

declare(strict_types=1);

namespace App\Tables;

use App\Ledger\PostToMachine;
use App\Ledger\UseOfMachine;
use App\Models\Machine;
use App\Models\User;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;

/** Hour meters as they were read on days that are past; and all that counts of the last year, in all. */
final readonly class MeterTable implements OfficeTable
{
    public function __construct(private PostToMachine $post, private TakesByContract $cells, private CurrentYard $yard)
    {
    }

    public function columns(): array
    {
        return ['fleet_number', 'read_on', 'hours'];
    }

    public function needed(): array
    {
        return ['fleet_number', 'read_on', 'hours'];
    }

    public function take(array $row, User $by): void
    {
        $payload = ['hours' => str_replace(',', '.', $row['hours']), 'on' => (string) CellDate::of($row['read_on'])];
        $this->cells->read('MeterReadPayload', $payload);
        ($this->post)($this->cells->machine($row['fleet_number']), 'meter.read', $payload, $by);
    }

    public function rows(): iterable
    {
        foreach (Machine::query()->whereNull('left_at')->orderBy('fleet_number')->lazy(500) as $machine) {
            foreach (UseOfMachine::of($machine)->points() as $point) {
                $day = CarbonImmutable::instance($point->at)->setTimezone($this->yard->timezone());
                yield [
                    $machine->fleet_number,
                    $day->format('Y-m-d'),
                    (string) $point->hours->decimal(1, RoundingMode::HALF_UP),
                ];
            }
        }
    }
}
