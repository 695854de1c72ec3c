<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Models\DoubtfulEntry;
use App\Models\FitQuestion;
use App\Models\LedgerEntry;
use App\Models\Walk;
use App\Words;
use Illuminate\Support\Collection;

/** What waits for a look of the lead, by walk and by who posted it. */
final readonly class PresentDoubts
{
    public function __construct(private PresentEntry $entries, private CatalogueRepository $catalogue)
    {
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        $open = DoubtfulEntry::query()->with('actor')->whereNull('is_taken')->orderBy('sequence')->get();
        $walks = Walk::query()->with(['hire', 'machine'])
            ->whereIn('id', $open->pluck('walk_id')->unique()->all())
            ->get()
            ->keyBy('id');

        $ofEach = $open->groupBy(static fn (DoubtfulEntry $one): string => $one->walk_id.$one->actor_id)
            ->map(fn (Collection $one): array => $this->one($one, $walks->get((string) $one->first()?->walk_id)));

        return ['walks' => array_values($ofEach->all()), 'questions' => $this->questions()];
    }

    /** @return list<array<string, mixed>> parts that somebody says a machine has not */
    private function questions(): array
    {
        $open = FitQuestion::query()->with(['actor', 'machine'])
            ->whereNull('is_fitted')
            ->orderBy('recorded_at')
            ->get();
        $checks = $this->catalogue->current()->checks;
        $questions = $open->map(static fn (FitQuestion $one): array => [
            'id' => $one->id,
            'walk_id' => $one->walk_id,
            'fleet_number' => $one->machine->fleet_number,
            'model_id' => $one->machine->model_id,
            'title' => $checks[explode('@', $one->line)[0]]->title ?? $one->line,
            'words' => $one->words,
            'person' => PresentPerson::of($one->actor),
            'recorded_at' => Moment::text($one->recorded_at),
        ]);

        return array_values($questions->all());
    }

    /**
     * @param Collection<int, DoubtfulEntry> $doubtful
     * @return array<string, mixed>
     */
    private function one(Collection $doubtful, ?Walk $walk): array
    {
        $first = $doubtful->firstOrFail();
        $entries = LedgerEntry::query()->with('actor')
            ->whereIn('id', $doubtful->pluck('id')->all())
            ->orderBy('sequence')
            ->get()
            ->all();

        return [
            'walk_id' => $first->walk_id,
            'folio' => $walk->hire->folio ?? 0,
            'fleet_number' => $walk->machine->fleet_number ?? '',
            'person' => PresentPerson::of($first->actor),
            'doubts' => array_map(
                static fn (string $doubt): string => Words::say("words.doubt.{$doubt}"),
                array_values(
                    array_unique(
                        array_merge(...$doubtful->map(static fn (DoubtfulEntry $one): array => $one->doubts)->all()),
                    ),
                ),
            ),
            'entries' => array_map(
                static fn (array $entry): array => array_intersect_key(
                    $entry,
                    ['id' => 0, 'title' => 0, 'words' => 0, 'recorded_at' => 0],
                ),
                $this->entries->all(array_values($entries)),
            ),
        ];
    }
}
