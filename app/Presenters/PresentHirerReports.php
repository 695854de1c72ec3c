<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\ProgrammeOfModel;
use App\Models\Hire;
use App\Models\HirerReport;
use App\Models\HirerTick;

/** What hirers said of machines that they have: faults, and the daily list. */
final readonly class PresentHirerReports
{
    private const MOST = 100;

    public function __construct(private ProgrammeOfModel $programme)
    {
    }

    /** @return list<array<string, mixed>> faults that nobody settled, the oldest first */
    public function open(): array
    {
        $open = HirerReport::query()->with(['hire.customer', 'machine', 'settledBy'])->whereNull('settled_at')
            ->orderBy('reported_at')->limit(self::MOST)->get();

        return array_values($open->map(self::one(...))->all());
    }

    /** @return array<string, mixed> */
    public function ofHire(Hire $hire): array
    {
        $reports = HirerReport::query()->with(['hire.customer', 'machine', 'settledBy'])->where('hire_id', $hire->id)
            ->orderBy('reported_at')->get();
        $points = $this->programme->of($hire->machine->model_id)->points;
        $ticks = HirerTick::query()->where('hire_id', $hire->id)->where('is_done', true)
            ->orderByDesc('day')->orderBy('point')->limit(self::MOST)->get();

        return [
            'reports' => array_values($reports->map(self::one(...))->all()),
            'ticks' => array_values($ticks->map(static fn (HirerTick $tick): array => [
                'day' => $tick->day->format('Y-m-d'),
                'name' => $points[$tick->point]->name ?? $tick->point,
                'said_at' => Moment::text($tick->said_at),
            ])->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function one(HirerReport $report): array
    {
        return [
            'id' => $report->id,
            'hire_id' => $report->hire_id,
            'machine_id' => $report->machine_id,
            'fleet_number' => $report->machine->fleet_number,
            'folio' => $report->hire->folio,
            'hirer' => $report->hire->customer->name,
            'words' => $report->words,
            'runs' => $report->runs->value,
            'phone' => $report->phone ?? $report->hire->contact_phone ?? $report->hire->customer->phone,
            'photo' => $report->photo,
            'reported_at' => Moment::text($report->reported_at),
            'settled' => $report->settled_how === null ? null : [
                'how' => $report->settled_how->value,
                'words' => (string) $report->settled_words,
                'by' => PresentPerson::orNull($report->settledBy),
                'at' => Moment::orNull($report->settled_at),
            ],
        ];
    }
}
