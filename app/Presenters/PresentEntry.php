<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Quantity\Unit;

/** Lines of the posting trail. */
final readonly class PresentEntry
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /**
     * @param list<LedgerEntry> $entries
     * @return list<array<string, mixed>>
     */
    public function all(array $entries): array
    {
        $strikes = LedgerEntry::query()->with('actor')
            ->whereIn('corrects', array_map(static fn (LedgerEntry $entry): string => $entry->id, $entries))
            ->get()->keyBy('corrects');

        return array_map(fn (LedgerEntry $entry): array => $this->one($entry, $strikes->get($entry->id)), $entries);
    }

    /** @return array<string, mixed> */
    private function one(LedgerEntry $entry, ?LedgerEntry $strike): array
    {
        $judgement = $entry->judgement();

        return [
            'id' => $entry->id,
            'kind' => $entry->kind,
            'sequence' => $entry->sequence,
            'walk_id' => $entry->walk_id,
            'title' => $this->title($entry),
            'words' => $this->words($entry, $judgement),
            'outcome' => $judgement['verdict']['outcome'] ?? null,
            'actor' => PresentPerson::of($entry->actor),
            'recorded_at' => Moment::text($entry->recorded_at),
            'clock' => $entry->clock(),
            'received_at' => Moment::text($entry->received_at),
            'corrects' => $entry->corrects,
            'struck_by' => $strike === null ? null : [
                'reason' => (string) ($strike->payload()['reason'] ?? ''),
                'actor' => PresentPerson::of($strike->actor),
                'recorded_at' => Moment::text($strike->recorded_at),
            ],
            'hash' => $entry->hash,
        ];
    }

    private function title(LedgerEntry $entry): string
    {
        $line = $entry->payload()['line'] ?? null;
        if (is_string($line)) {
            $check = $this->shelf->current()->checks[explode('@', $line)[0]] ?? null;

            return $check->title ?? $line;
        }

        return Words::say('words.entry.'.str_replace('.', '_', $entry->kind));
    }

    /** @param  array<string, mixed>  $judgement */
    private function words(LedgerEntry $entry, array $judgement): string
    {
        $payload = $entry->payload();
        if ($judgement === [] && isset($payload['line'])) {
            return (string) ($payload['words'] ?? '');
        }

        return match ($entry->kind) {
            'reading.posted' => WrittenFigure::of((string) ($payload['value'] ?? $judgement['figure']), Unit::named($payload['unit'])).'. '.PresentPhrase::sentence($judgement['verdict']['reason']),
            'check.answered', 'test.answered', 'paper.compared', 'dashboard.read' => PresentPhrase::sentence($judgement['verdict']['reason']).(($payload['words'] ?? '') === '' ? '' : ' '.$payload['words']),
            'state.crossed' => $this->stageTitle((string) $payload['stage']).$this->standsBy($payload['second'] ?? null),
            'finding.placed' => CatalogueWords::say((string) $judgement['part']).': '.$this->kindOfFinding((string) $payload['kind']).(isset($payload['size_mm']) ? ', '.WrittenFigure::of((string) $payload['size_mm'], Unit::Millimetre) : '').". {$payload['words']}",
            'finding.seen_again' => WrittenFigure::of((string) $payload['size_mm'], Unit::Millimetre).', '.Words::say('words.comparison.'.$judgement['comparison']),
            'finding.graded' => "{$judgement['from']} → {$judgement['to']}. {$payload['reason']}",
            'entry.struck', 'tag.hung', 'walk.taken_over', 'doubt.settled', 'fit.settled',
            'departure.settled' => (string) $payload['reason'],
            'release.decided' => Words::say('words.decision.'.$payload['decision']),
            'handover.step_shown' => str_replace('_', ' ', (string) $payload['step']),
            'handover.signed' => (string) $payload['name'],
            'repair.recorded' => trim($payload['words'].' '.implode(', ', $payload['parts'])),
            'spread.explained' => (string) $payload['words'],
            default => '',
        };
    }

    private function kindOfFinding(string $id): string
    {
        foreach ($this->shelf->current()->findingKinds as $kind) {
            if ($kind->id === $id) {
                return mb_strtolower(CatalogueWords::say($kind->name));
            }
        }

        return $id;
    }

    private function standsBy(?string $second): string
    {
        $name = $second === null ? null : User::query()->whereKey($second)->value('name');

        return $name === null ? '' : ', '.Words::say('words.stands_by', ['name' => $name]);
    }

    private function stageTitle(string $id): string
    {
        foreach ($this->shelf->current()->stages as $stage) {
            if ($stage->id === $id) {
                return $stage->title;
            }
        }

        return $id;
    }
}
