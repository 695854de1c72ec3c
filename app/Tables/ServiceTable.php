<?php

declare(strict_types=1);

namespace App\Tables;

use App\Ledger\PostToMachine;
use App\Models\Machine;
use App\Models\ServiceRecord;
use App\Models\User;

/** What was done to the fleet: before it was written down here, as of a machine that was bought used, and since. */
final readonly class ServiceTable implements OfficeTable
{
    public function __construct(private PostToMachine $post, private TakesByContract $cells)
    {
    }

    public function columns(): array
    {
        return ['fleet_number', 'point', 'done_on', 'hours', 'words'];
    }

    public function needed(): array
    {
        return ['fleet_number', 'point', 'done_on'];
    }

    public function take(array $row, User $by): void
    {
        $payload = array_filter([
            'point' => mb_strtolower($row['point']),
            'on' => CellDate::of($row['done_on']),
            'hours' => str_replace(',', '.', $row['hours'] ?? ''),
            'words' => $row['words'] ?? '',
        ], static fn (?string $cell): bool => $cell !== null && $cell !== '');
        $this->cells->read('ServiceDonePayload', $payload);
        ($this->post)($this->cells->machine($row['fleet_number']), 'service.done', $payload, $by);
    }

    public function rows(): iterable
    {
        foreach (Machine::query()->whereNull('left_at')->orderBy('fleet_number')->lazy(500) as $machine) {
            foreach (ServiceRecord::ofMachine($machine->id)->reverse() as $one) {
                yield [
                    $machine->fleet_number,
                    $one->point,
                    substr($one->done_on, 0, 10),
                    $one->hours_in_all,
                    $one->words,
                ];
            }
        }
    }
}
