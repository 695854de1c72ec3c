<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Contract\JsonObject;
use App\Models\Machine;
use App\Models\Walk;
use App\Models\WalkLine;
use JadeLedger\Core\Verdict\Outcome;

/** The last walk of a machine that was decided: how long it took, who walked, and how each station stood. */
final class PresentLastWalk
{
    private const OF_A_STATION = ['number' => true, 'name' => true, 'stands' => true, 'shows' => true, 'seat' => true];

    /** @return array<string, mixed>|null */
    public static function of(Machine $machine): ?array
    {
        $walk = Walk::query()
            ->with(['plan', 'lines', 'openedBy'])
            ->where('machine_id', $machine->id)
            ->whereNotNull('decided_at')
            ->whereNull('given_back_at')
            ->orderByDesc('decided_at')
            ->first();

        return $walk === null || $walk->decided_at === null ? null : [
            'walk_id' => $walk->id,
            'movement' => $walk->movement->value,
            'seconds' => (int) round($walk->opened_at->diffInSeconds($walk->decided_at)),
            'by' => PresentPerson::of($walk->openedBy),
            'at' => Moment::text($walk->decided_at),
            'stations' => self::stations($walk),
        ];
    }

    /** @return list<array<string, mixed>> one a station, in however many states it was visited */
    private static function stations(Walk $walk): array
    {
        $outcomes = $walk->lines->mapWithKeys(
            static fn (WalkLine $line): array => [$line->key => $line->outcome],
        )->all();
        $stations = [];
        foreach (JsonObject::of($walk->plan->body)->objects('visits') as $visit) {
            $of = array_map(
                static fn (JsonObject $line): Outcome => $outcomes[$line->string('key')] ?? Outcome::Open,
                $visit->objects('lines'),
            );
            $station = $visit->string('station');
            $worst = [...$of, $stations[$station]['outcome'] ?? Outcome::Stands];
            usort($worst, static fn (Outcome $a, Outcome $b): int => $b->weight() <=> $a->weight());
            $stations[$station] ??= array_intersect_key($visit->byName(), self::OF_A_STATION);
            $stations[$station]['outcome'] = $worst[0];
        }

        return array_values($stations);
    }
}
