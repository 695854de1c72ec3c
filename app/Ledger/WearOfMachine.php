<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Contexts\WalkContext;
use App\Models\Reading;
use Brick\Math\RoundingMode;
use Illuminate\Support\Collection;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Reading\Wear\WearForecast;
use JadeLedger\Core\Reading\Wear\WearPoint;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\PlannedLine;

/**
 * Gathers what a machine was read before, by its hour meter, and asks the core how long each instrument of a walk
 * will stay in its band.
 */
final readonly class WearOfMachine
{
    public function __construct(private HourMeterOfMachine $meter)
    {
    }

    /**
     * @param list<string> $keys the lines that are asked about
     * @return array<string, array{hours: string, per_1000_hours: string, readings: int}> by line key; nothing for what does not wear that way
     */
    public function __invoke(WalkContext $context, array $keys): array
    {
        $lines = array_filter(
            $context->plan->lines(),
            static fn (PlannedLine $line): bool => in_array($line->key, $keys, true) &&
                $line->check->limits !== null &&
                $context->model->limit($line->check->limits) instanceof ScaleReading,
        );
        if ($lines === []) {
            return [];
        }
        $meter =
            array_values(
                array_filter(
                    $context->plan->lines(),
                    static fn (PlannedLine $line): bool => $line->check->answer === AnswerKind::HourMeter,
                ),
            )[0] ?? null;
        $readings = Reading::query()
            ->where('machine_id', $context->walk->machine_id)
            ->where('is_valid', true)
            ->where('is_struck', false)
            ->whereIn('line', [
                ...array_map(static fn (PlannedLine $line): string => $line->key, array_values($lines)),
                $meter->key ?? '',
            ])
            ->orderBy('recorded_at')
            ->get(['machine_id', 'walk_id', 'line', 'value', 'unit', 'judgement', 'recorded_at']);
        $hours = $readings
            ->where('line', $meter?->key)
            ->keyBy('walk_id')
            ->map(
                fn (Reading $one): Quantity => $one
                    ->quantity()
                    ->plus($this->meter->offsetAt($one->machine_id, $one->recorded_at)),
            );
        $forecasts = [];
        foreach ($lines as $line) {
            $forecast = $this->forecast(
                $readings->where('line', $line->key),
                $hours,
                $context->model->limit((string) $line->check->limits),
            );
            if ($forecast !== null) {
                $forecasts[$line->key] = $forecast;
            }
        }

        return $forecasts;
    }

    /**
     * @param Collection<int, Reading> $ofLine
     * @param Collection<string, Quantity> $hours that the machine had run, by walk
     * @return array{hours: string, per_1000_hours: string, readings: int}|null
     */
    private function forecast(Collection $ofLine, Collection $hours, mixed $limits): ?array
    {
        $points = [];
        foreach ($ofLine as $reading) {
            $meter = $hours->get((string) $reading->walk_id);
            if ($meter !== null) {
                $points[] = new WearPoint($meter, $reading->quantity());
            }
        }
        $last = end($points);
        $forecast = WearForecast::from($points);
        if (
            $forecast === null ||
            $last === false ||
            ! ($limits instanceof ScaleReading) ||
            $limits->bands()->of($last->value)->outcome !== Outcome::Stands
        ) {
            return null;
        }
        $left = $forecast->hoursToTheEnd($limits->bands(), $last->value, $last->hours->in(Unit::Hour));

        return $left === null
            ? null
            : [
                'hours' => (string) $left->decimal(0, RoundingMode::HALF_UP),
                'per_1000_hours' => (string) $forecast
                    ->perThousandHours()
                    ->decimal(2, RoundingMode::HALF_UP)
                    ->stripTrailingZeros(),
                'readings' => $forecast->readings,
            ];
    }
}
