<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/**
 * What the instruments of a demo machine show on one walk.
 *
 * @phpstan-type Band array{outcome: string, from: float, to: float}
 * @phpstan-type Instrument array{kind: string, unit: string, points?: int, expected: int,
 *     marks: array{add: float, full: float}, bands: list<Band>, step: float}
 * @phpstan-type Asked array{id: string, unit: string|null, at_least: float|null, at_most: float|null}
 * @phpstan-type LineTold array{key: string, answer: string, seconds: int, instrument: Instrument,
 *     conditions: list<string>, looks: list<string>, test: list<array{seconds: int|null}>,
 *     paper: array{kind: string, asks_hours: bool}}
 */
final class DemoReadings
{
    /** @param  array<string, string>  $own values by line key; the rest stands in the upper half of its band */
    public function __construct(public readonly string $hours, private array $own = [])
    {
    }

    /**
     * @param LineTold $line of the plan
     * @param array<string, Asked> $conditions of the plan, by id
     * @return array<string, mixed> the payload of a reading
     */
    public function of(array $line, array $conditions): array
    {
        $instrument = $line['instrument'];
        $payload = [
            'line' => $line['key'],
            'value' => $this->own[$line['key']] ?? $this->usual($instrument),
            'unit' => $instrument['unit'],
            'observed' => array_map(fn (string $id): array => $this->observed($conditions[$id]), $line['conditions']),
        ];
        if (isset($instrument['points'])) {
            $payload['points'] = array_fill(0, $instrument['points'], $payload['value']);
            unset($payload['value']);
        }
        if ($line['looks'] !== []) {
            $payload['look'] = $line['looks'][0];
        }
        if ($instrument['kind'] === 'dipstick') {
            $payload['face'] = 'cold';
        }

        return $payload;
    }

    /** @param  Instrument  $instrument */
    private function usual(array $instrument): string
    {
        return match ($instrument['kind']) {
            'hour_meter' => $this->hours,
            'count' => (string) $instrument['expected'],
            'scale' => $this->amidst($instrument),
            default => (string) (int) ceil(($instrument['marks']['add'] * 2 + $instrument['marks']['full'] * 3) / 5),
        };
    }

    /**
     * The middle of the widest band in which it stands.
     *
     * @param Instrument $instrument
     */
    private function amidst(array $instrument): string
    {
        $bands = array_filter($instrument['bands'], static fn (array $band): bool => $band['outcome'] === 'stands');
        usort($bands, static fn (array $a, array $b): int => $b['to'] - $b['from'] <=> $a['to'] - $a['from']);
        $steps = round(($bands[0]['from'] + $bands[0]['to']) / 2 / $instrument['step']);

        return (string) round($steps * $instrument['step'], 3);
    }

    /**
     * @param Asked $condition
     * @return array<string, mixed>
     */
    private function observed(array $condition): array
    {
        if ($condition['unit'] === null) {
            return ['condition' => $condition['id'], 'seen' => true];
        }
        $value = match (true) {
            $condition['at_least'] !== null
                && $condition['at_most'] !== null => ($condition['at_least'] + $condition['at_most']) / 2 - min(
                    3,
                    ($condition['at_most'] - $condition['at_least']) / 8,
                ),
            $condition['at_least'] !== null => $condition['at_least'] + 4,
            default => $condition['at_most'] / 4,
        };

        return ['condition' => $condition['id'], 'value' => (string) round($value, 1)];
    }
}
