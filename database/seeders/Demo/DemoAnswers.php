<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use Carbon\CarbonImmutable;

/**
 * How the lines of a demo machine are answered on one walk, each as it should be.
 *
 * @phpstan-import-type Asked from DemoReadings
 * @phpstan-import-type LineTold from DemoReadings
 */
final class DemoAnswers
{
    /** @param  string  $serial of the plate, the right one */
    public function __construct(private readonly DemoReadings $readings, private readonly string $serial)
    {
    }

    /**
     * @param LineTold $line of the plan
     * @param array<string, Asked> $conditions of the plan, by id
     * @return array{string, array<string, mixed>} the kind of the entry and its payload
     */
    public function of(array $line, array $conditions): array
    {
        return match ($line['answer']) {
            'reading' => ['reading.posted', $this->readings->of($line, $conditions)],
            'test' => [
                'test.answered',
                [
                    'line' => $line['key'],
                    'steps' => array_map(
                        static fn (array $step): array => [
                            'as_expected' => true,
                        ] + ($step['seconds'] === null ? [] : ['seconds' => $step['seconds']]),
                        $line['test'],
                    ),
                ],
            ],
            'dashboard' => ['dashboard.read', ['line' => $line['key'], 'lamps' => [], 'codes' => []]],
            'paper' => [
                'paper.compared',
                ['line' => $line['key']] +
                ($line['paper']['kind'] === 'serial'
                    ? ['serial' => $this->serial]
                    : ['date' => CarbonImmutable::now()->subDays(5)->format('Y-m-d')] +
                        ($line['paper']['asks_hours'] ? ['hours' => $this->readings->hours] : [])),
            ],
            default => ['check.answered', ['line' => $line['key'], 'answer' => 'stands']],
        };
    }
}
