<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\Machine;
use App\Models\MeterChange;
use App\Models\Reading;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Hire\HirePeriod;
use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Meter\UsageRate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** How a machine is used, by its hour meter: hours a day on hire, and the hours that it ran on each hire. */
final readonly class UseOfMachine
{
    /** Of a machine that is read twice a hire: more than the thirty days on hire ever take. */
    private const MOST_READINGS = 400;

    /** @param  list<MeterRead>  $reads the oldest first */
    private function __construct(private array $reads)
    {
    }

    public static function of(Machine $machine): self
    {
        $changes = MeterChange::query()->where('machine_id', $machine->id)->get();
        $readings = Reading::query()
            ->where('machine_id', $machine->id)
            ->where('judgement->kind', AnswerKind::HourMeter->value)
            ->where('is_valid', true)
            ->where('is_struck', false)
            ->where('judgement->verdict->is_disputed', false)
            ->orderByDesc('recorded_at')
            ->limit(self::MOST_READINGS)
            ->get(['hire_id', 'movement', 'value', 'unit', 'recorded_at']);

        return new self(array_values($readings->reverse()->map(static fn (Reading $reading): MeterRead => new MeterRead(
            $reading->hire_id,
            $reading->movement,
            new MeterPoint(
                $reading->recorded_at->toDateTimeImmutable(),
                $reading->quantity()->plus(self::offset($changes, $reading->recorded_at)),
            ),
        ))->all()));
    }

    /**
     * @param Collection<int, Hire> $hires with their states
     * @param \DateTimeImmutable $now until then a machine that is out has been out
     */
    public function rate(Collection $hires, \DateTimeImmutable $now): ?UsageRate
    {
        $out = $hires->flatMap(static function (Hire $hire) use ($now): array {
            $from = $hire->state?->out_at?->toDateTimeImmutable();
            $until = $hire->state?->in_at?->toDateTimeImmutable() ?? $now;

            return $from === null || $until <= $from ? [] : [HirePeriod::between($from, $until)];
        });

        return UsageRate::onHire(
            array_map(static fn (MeterRead $read): MeterPoint => $read->point, $this->reads),
            array_values($out->all()),
        );
    }

    /** What the machine ran on a hire; none while it was not read both when it left and when it came back. */
    public function hoursOn(Hire $hire): ?Quantity
    {
        [$out, $in] = [$this->last($hire, Movement::Checkout), $this->last($hire, Movement::Return)];

        return $out === null || $in === null ? null : $in->point->hours->minus($out->point->hours);
    }

    private function last(Hire $hire, Movement $movement): ?MeterRead
    {
        $of = array_filter(
            $this->reads,
            static fn (MeterRead $read): bool => $read->hireId === $hire->id && $read->movement === $movement,
        );

        return $of === [] ? null : $of[array_key_last($of)];
    }

    /** @param  Collection<int, MeterChange>  $changes */
    private static function offset(Collection $changes, CarbonInterface $at): Quantity
    {
        $before = $changes->filter(static fn (MeterChange $change): bool => $change->at->lessThanOrEqualTo($at));

        return $before->reduce(
            static fn (Quantity $sum, MeterChange $change): Quantity => $sum->plus(
                Quantity::of($change->offset_hours, Unit::Hour),
            ),
            Quantity::of('0', Unit::Hour),
        );
    }
}
