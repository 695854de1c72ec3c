<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use Carbon\CarbonImmutable;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Service\ServicePoint;

/** What some machines of the demo had behind them as its week began: readings of their meters, service points. */
final readonly class DemoService
{
    /** Fleet number, hours a day of the calendar, and of some points the hours that were left as the week began. */
    public const MACHINES = [
        ['E-14', 4.2, ['svc-oil' => 52, 'svc-track-bolts' => 139]],
        ['E-11', 4.1, ['svc-oil' => 86, 'svc-track-bolts' => 160]],
        ['G-07', 9.0, ['svc-oil' => 64]],
        ['T-06', 3.1, ['svc-500' => 19, 'svc-oil' => 19]],
        ['E-16', 3.6, ['svc-track-bolts' => 24, 'svc-oil' => 90]],
        ['A-20', 1.9, ['svc-500' => 30]],
        ['R-03', 2.8, ['svc-drum-oil' => 31]],
        ['M-22', 2.1, ['svc-blades' => 19]],
        ['T-09', 1.2, ['svc-1000' => 17, 'svc-500' => 17, 'svc-oil' => 17]],
        ['E-07', 3.4, ['svc-slew-ring' => 10]],
        ['S-31', 0.9, []],
        ['F-25', 3.0, []],
    ];

    private const READINGS = 7;

    private const DAYS_BETWEEN = 12;

    /** Of each interval, as the week began: a number between these, from the machine and the point. */
    private const PARTS = [0.15, 0.2, 0.28, 0.33, 0.4, 0.46, 0.55, 0.6];

    private const DAYS_A_MONTH = 30.4;

    /**
     * @param float $hours as the week began
     * @return list<array{string, array<string, string>}> kind and payload of each entry
     */
    public static function of(string $number, float $hours, Programme $programme, CarbonImmutable $now): array
    {
        [, $rate, $left] = array_column(self::MACHINES, null, 0)[$number];
        $entries = [];
        for ($back = self::READINGS; $back > 0; $back--) {
            $days = $back * self::DAYS_BETWEEN;
            $entries[] = ['meter.read', [
                'hours' => self::text($hours - $rate * $days * ($back % 2 === 0 ? 1.02 : 0.98)),
                'on' => $now->subDays($days)->format('Y-m-d'),
            ]];
        }
        $entries[] = ['meter.read', ['hours' => self::text($hours)]];
        foreach (array_values($programme->points) as $at => $point) {
            // Grease is of the day; the demo does not tell every one.
            if (! str_starts_with($point->id, 'svc-grease')) {
                $part = self::PARTS[($at * 3 + ord($number[0])) % count(self::PARTS)];
                $entries[] = [
                    'service.done',
                    self::work($point, $left[$point->id] ?? null, $part, $hours, $rate, $now),
                ];
            }
        }

        return $entries;
    }

    /** @return array<string, string> */
    private static function work(
        ServicePoint $point,
        ?int $left,
        float $part,
        float $hours,
        float $rate,
        CarbonImmutable $now,
    ): array {
        // What goes by what happens was done after it, a few days ago.
        if ($point->after !== [] && $left === null) {
            return ['point' => $point->id, 'on' => $now->subDays(3)->format('Y-m-d')]
                + ($point->every->hours === null ? [] : ['hours' => self::text(max(0.1, $hours - 3 * $rate))]);
        }
        $months = $point->every->months + $point->every->days / self::DAYS_A_MONTH;
        if ($point->every->hours === null) {
            return [
                'point' => $point->id,
                'on' => $now->subDays((int) ($part * $months * self::DAYS_A_MONTH) + 1)->format('Y-m-d'),
            ];
        }
        $every = (float) $point->every->hours->in(Unit::Hour)->text();
        $ago = $left === null ? $part * $every : $every - $left;
        $days = $ago / $rate;
        // Not so long ago that its calendar would be over.
        if ($months > 0.0 && $days > 0.8 * $months * self::DAYS_A_MONTH) {
            $days = 0.8 * $months * self::DAYS_A_MONTH;
            $ago = $left === null ? $days * $rate : $ago;
        }

        return [
            'point' => $point->id,
            'hours' => self::text(max(0.1, $hours - $ago)),
            'on' => $now->subDays(max(1, (int) $days))->format('Y-m-d'),
        ];
    }

    private static function text(float $hours): string
    {
        return number_format($hours, 1, '.', '');
    }
}
