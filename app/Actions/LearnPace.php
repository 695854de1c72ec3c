<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalogue\CatalogueRepository;
use App\Contract\JsonObject;
use App\Models\LearnedPace;
use App\Models\LedgerEntry;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Catalogue\Pace;
use JadeLedger\Core\Catalogue\StepTaken;
use JadeLedger\Core\Walk\WalkPlan;

/** Learns from the last walks of each family how long their lines and states take in this yard. */
final readonly class LearnPace
{
    /** Walks of a family that are looked at, the latest first: a yard changes. */
    private const WALKS = 60;

    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /** @return array<string, Pace> by family */
    public function __invoke(): array
    {
        $families = [];
        foreach (
            Walk::query()
                ->whereHas('machine')
                ->whereNotNull('decided_at')
                ->with(['machine', 'plan'])
                ->orderByDesc('decided_at')
                ->lazy(100) as $walk
        ) {
            $family = $this->shelf->current()->models[$walk->machine->model_id]->familyId ?? null;
            if ($family !== null && count($families[$family] ?? []) < self::WALKS) {
                $families[$family][] = $this->steps($walk);
            }
        }
        $paces = [];
        foreach ($families as $family => $walks) {
            $pace = Pace::learnedFrom(array_merge(...$walks), count($walks));
            if ($pace->seconds !== []) {
                LearnedPace::query()->updateOrCreate(
                    ['family' => $family],
                    ['seconds' => $pace->seconds, 'walks' => $pace->walks, 'learned_at' => CarbonImmutable::now()],
                );
                $paces[$family] = $pace;
            }
        }
        $this->shelf->forget();

        return $paces;
    }

    /**
     * The time between one entry of a person and the next, less the way between their stations.
     *
     * @return list<StepTaken>
     */
    private function steps(Walk $walk): array
    {
        [$stations, $waits] = $this->plan($walk);
        $steps = [];
        $before = [];
        $last = [];
        $entries = LedgerEntry::query()
            ->where('walk_id', $walk->id)
            // The times of a sheet are shares of the whole, not measured.
            ->whereNull('entered_by')
            ->whereIn('kind', [
                'walk.opened',
                'state.crossed',
                'check.answered',
                'test.answered',
                'paper.compared',
                'dashboard.read',
                'reading.posted',
            ])
            ->orderBy('recorded_at')
            ->orderBy('position')
            ->get();
        foreach ($entries as $entry) {
            $payload = $entry->payload();
            $line = $payload->optionalString('line');
            $at = $stations[$line] ?? 0.0;
            $seconds = isset($before[$entry->actor_id])
                ? (float) $before[$entry->actor_id]->diffInMicroseconds($entry->recorded_at) / 1_000_000
                : 0.0;
            if ($line !== null) {
                $steps[] = StepTaken::line(
                    explode('@', $line)[0],
                    $seconds - WalkPlan::secondsToWalk(abs($at - ($last[$entry->actor_id] ?? $at))),
                );
                $last[$entry->actor_id] = $at;
            } elseif ($entry->kind === 'state.crossed') {
                $steps[] = StepTaken::crossing(
                    $payload->string('stage'),
                    $seconds - ($waits[$payload->string('stage')] ?? 0),
                );
                unset($last[$entry->actor_id]);
            }
            $before[$entry->actor_id] = $entry->recorded_at;
        }

        return $steps;
    }

    /** @return array{array<string, float>, array<string, int>} where each line is done along the route, in centimetres, and the waits of each state, in seconds */
    private function plan(Walk $walk): array
    {
        $stations = [];
        $plan = JsonObject::of($walk->plan->body);
        foreach ($plan->objects('visits') as $visit) {
            foreach ($visit->objects('lines') as $line) {
                $stations[$line->string('key')] ??= $visit->number('walked');
            }
        }
        $waits = [];
        foreach ($plan->objects('stages') as $stage) {
            $waits[$stage->string('id')] = array_sum(array_map(
                static fn (JsonObject $line): int => $line->optionalInteger('wait_seconds') ?? 0,
                $stage->objects('lines'),
            ));
        }

        return [$stations, $waits];
    }
}
