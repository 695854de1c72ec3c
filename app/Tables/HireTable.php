<?php

declare(strict_types=1);

namespace App\Tables;

use App\Actions\BookHire;
use App\Actions\ReportHireOut;
use App\Hires\WantedHire;
use App\Hires\YardTime;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\User;
use App\Yards\CurrentYard;
use Carbon\CarbonInterface;

/**
 * Hires that are booked, as a table. Times are those of the yard's own clock: 2026-11-25 07:30. What is in the way of a
 * hire refuses its row: whoever knows of it books it by hand. Where `out_already` says how that is known, the machine
 * has left when the hire began.
 */
final readonly class HireTable implements OfficeTable
{
    public function __construct(
        private BookHire $book,
        private TakesByContract $cells,
        private YardTime $time,
        private CurrentYard $yard,
        private ReportHireOut $reportOut,
    ) {
    }

    public function columns(): array
    {
        return ['fleet_number', 'hirer', 'goes_out', 'comes_back', 'contact', 'contact_phone', 'site', 'out_already'];
    }

    public function needed(): array
    {
        return ['fleet_number', 'hirer', 'goes_out', 'comes_back'];
    }

    public function take(array $row, User $by): void
    {
        $machine = $this->cells->machine($row['fleet_number']);
        $hirer = Customer::query()->where('name', $row['hirer'])->first()?->kept()
            ?? throw ApiProblem::because(ProblemName::UnknownHirer, 422, ['name' => mb_substr($row['hirer'], 0, 80)]);
        $isOut = $row['out_already'] ?? '';
        $wanted = $this->cells->read('BookHire', [
            'machine_id' => $machine->id,
            'hirer_id' => $hirer->id,
            'goes_out' => self::moment($row['goes_out']),
            'comes_back' => self::moment($row['comes_back']),
        ] + array_filter(array_intersect_key($row, array_flip(['contact', 'contact_phone', 'site'])))
            // What has left needs no time to be walked out.
            + ($isOut === '' ? [] : ['knowing' => ['no_time_to_walk']]));
        $hire = ($this->book)($machine->id, $hirer, WantedHire::read($wanted, $this->time), $by);
        if ($isOut !== '') {
            ($this->reportOut)($hire, $isOut, $by);
        }
    }

    public function rows(): iterable
    {
        $hires = Hire::query()->with(['machine', 'customer', 'state'])->where('comes_back_at', '>', now())
            ->orderBy('goes_out_at')
            ->lazy(500);
        foreach ($hires as $hire) {
            if ($hire->standing() === HireStatus::Booked) {
                yield [
                    $hire->machine->fleet_number,
                    $hire->customer->name,
                    $this->written($hire->goes_out_at),
                    $this->written($hire->comes_back_at),
                    $hire->contact,
                    $hire->contact_phone,
                    $hire->site,
                    null,
                ];
            }
        }
    }

    private function written(CarbonInterface $moment): string
    {
        return $moment->toImmutable()->setTimezone($this->yard->timezone())->format('Y-m-d H:i');
    }

    /** Day and time, with a space or a T between them. */
    private static function moment(string $cell): string
    {
        $parts = preg_split('/[ T]+/', $cell, 2) ?: [];

        return CellDate::of($parts[0] ?? '').'T'.($parts[1] ?? '');
    }
}
