<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\LedgerEntry;
use App\Words;
use JadeLedger\Core\Carry\LineCarried;
use JadeLedger\Core\Carry\WhyNotCarried;
use JadeLedger\Core\Verdict\Outcome;

/** What stands from the return walk, and why the rest is looked at again. */
final class PresentCarried
{
    /**
     * @param list<LineCarried> $lines
     * @param array<string, Outcome> $outcomes by line key
     * @return array{carried: list<array<string, mixed>>, not_carried: list<array{why: string, lines: list<string>}>}
     */
    public static function in(array $lines, array $outcomes): array
    {
        $open = array_filter(
            $lines,
            static fn (LineCarried $one): bool => ($outcomes[$one->line->key] ?? Outcome::Open) === Outcome::Open,
        );
        $entries = array_filter(array_map(static fn (LineCarried $one): ?string => $one->from?->entryId, $open));
        $people = $entries === [] ? [] : LedgerEntry::query()->with('actor')
            ->whereIn('id', array_values($entries))
            ->get(['id', 'actor_id'])
            ->mapWithKeys(static fn (LedgerEntry $entry): array => [$entry->id => PresentPerson::orNull($entry->actor)])
            ->all();
        $carried = [];
        $because = [];
        foreach ($open as $one) {
            $by = $one->from === null ? null : ($people[$one->from->entryId] ?? null);
            if ($one->from !== null && $by !== null) {
                $carried[] = [
                    'line' => $one->line->key,
                    'entry_id' => $one->from->entryId,
                    'day' => $one->from->day->text(),
                    'by' => $by,
                    'until' => $one->until?->text(),
                ] + ($one->from->read === null ? [] : [
                    'value' => Figure::plain($one->from->read->text()),
                    'unit' => $one->from->read->unit->value,
                ]);
            } elseif ($one->why !== null && $one->why !== WhyNotCarried::EachWalk) {
                $because[$one->why->value.($one->change === null ? '' : "_{$one->change->value}")][] = $one->line->key;
            }
        }

        return ['carried' => $carried, 'not_carried' => array_map(
            static fn (string $why, array $keys): array => [
                'why' => Words::say("words.not_carried.{$why}"),
                'lines' => $keys,
            ],
            array_keys($because),
            array_values($because),
        )];
    }
}
