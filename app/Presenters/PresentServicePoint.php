<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\PointAhead;
use App\Models\ServiceRecord;
use Brick\Math\RoundingMode;
use Illuminate\Support\Collection;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;
use JadeLedger\Core\Service\DueState;
use JadeLedger\Core\Service\KitItem;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Service\WorkDone;
use JadeLedger\Core\Verdict\Outcome;

/** A service point of a machine, and how far off it is. */
final class PresentServicePoint
{
    /**
     * @param Collection<int, ServiceRecord> $records of the machine
     * @return array<string, mixed>
     */
    public static function of(PointAhead $ahead, CalendarDate $today, Collection $records): array
    {
        [$point, $onHire] = [$ahead->point, $ahead->onHire];
        $what = $point->point;
        $likely = $point->likely;

        return [
            'id' => $what->id,
            'name' => $what->name,
            'brief' => $what->brief,
            'do' => $what->do,
            'every' => self::every($what),
            'counts_from' => $what->counts->value,
            'tolerance_h' => $what->tolerance->text(),
            'done_by' => $what->doneBy->value,
            'severity' => $what->severity->value,
            'kit' => self::kit($what->kit),
            'source' => PresentSource::of($what->source),
            'state' => $point->state->value,
            'mark' => self::mark($point, $onHire)->value,
            'last' => $point->last === null ? null : self::last($point->last, $records),
            'due_hours' => self::hours($point->due?->hours),
            'due_on' => $point->due?->on?->text(),
            'hours_left' => self::hours($point->hoursLeft),
            'days_left' => $point->days(),
            'hires_left' => $point->hiresLeft,
            'because' => $point->because?->value,
            'meter' => $what->meter->value,
            'day' => $point->days() === null ? null : $today->plusDays(max(0, $point->days()))->text(),
            'likely' => $likely === null ? null : [
                'earliest' => $today->plusDays($likely->earliest)->text(),
                'day' => $today->plusDays($likely->likely)->text(),
                'latest' => $likely->latest === null ? null : $today->plusDays($likely->latest)->text(),
            ],
            'on_hire' => $onHire === null ? null : [
                'hire_id' => $onHire->hireId, 'on' => $onHire->on->text(), 'day' => $onHire->day,
            ],
        ];
    }

    private static function mark(DuePoint $point, ?DueOnHire $onHire): Outcome
    {
        return match (true) {
            $point->state === DueState::Overdue && $point->point->severity === Severity::Stop => Outcome::Stop,
            $point->state->isDue(), $onHire !== null => Outcome::Attend,
            $point->state === DueState::NotKnown => Outcome::Open,
            default => Outcome::Stands,
        };
    }

    /**
     * @param list<KitItem> $kit
     * @return list<array{name: string, quantity: string|null, unit: string}>
     */
    public static function kit(array $kit): array
    {
        return array_map(static fn (KitItem $item): array => [
            'name' => $item->name, 'quantity' => $item->quantity, 'unit' => $item->unit,
        ], $kit);
    }

    /** @return array{hours: string|null, months: int, days: int} */
    public static function every(ServicePoint $point): array
    {
        $every = $point->every;

        return [
            'hours' => $every->hours?->text(), 'months' => $every->months, 'days' => $every->days,
            'hires' => $every->hires, 'after' => array_column($point->after, 'value'),
        ];
    }

    /**
     * @param Collection<int, ServiceRecord> $records
     * @return array<string, mixed>
     */
    private static function last(WorkDone $work, Collection $records): array
    {
        $record = $records->first(static fn (ServiceRecord $one): bool => $one->point === $work->point
            && substr($one->done_on, 0, 10) === $work->on->text());

        return [
            'on' => $work->on->text(),
            'hours' => self::hours($work->hours),
            'by' => $record === null ? null : PresentPerson::of($record->actor),
            'words' => $record->words ?? '',
            'with' => $work->point,
        ];
    }

    private static function hours(?Quantity $hours): ?string
    {
        return $hours === null ? null : (string) $hours->decimal(1, RoundingMode::HALF_UP);
    }
}
