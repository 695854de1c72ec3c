<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueRepository;
use App\Models\Hire;
use App\Texts;
use App\Yards\CurrentYard;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Briefing\KnownFrom;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Paper\CalendarDate;

/** What the hirer of a hire signed for before, by which a briefing may be shorter. */
final readonly class KnownHirer
{
    public function __construct(private CatalogueRepository $shelf, private CurrentYard $yard)
    {
    }

    public function of(Hire $hire, MachineModel $model): KnownFrom
    {
        $before = DB::table('handovers')
            ->join('hires', 'hires.id', '=', 'handovers.hire_id')
            ->join('machines', 'machines.id', '=', 'hires.machine_id')
            ->where('hires.customer_id', $hire->customer_id)
            ->where('hires.id', '!=', $hire->id)
            ->whereNotNull('handovers.signed_at')
            ->groupBy('machines.model_id')
            ->selectRaw('max(handovers.signed_at) as last_at, machines.model_id')
            ->pluck('last_at', 'model_id');
        $byModel = array_combine(Texts::of($before->keys()), Texts::of($before));
        // The catalogue that a walk was opened under holds its own model only.
        $models = $byModel === [] ? [] : $this->shelf->current()->models;
        $ofFamily = array_filter(
            $byModel,
            static fn (string $id): bool => ($models[$id] ?? null)?->familyId === $model->familyId,
            ARRAY_FILTER_USE_KEY,
        );

        return new KnownFrom(
            $this->day($ofFamily === [] ? null : max($ofFamily)),
            $this->day($byModel[$model->id] ?? null),
        );
    }

    private function day(?string $at): ?CalendarDate
    {
        return $at === null ? null : $this->yard->dayOf(Carbon::parse($at, 'UTC'));
    }
}
