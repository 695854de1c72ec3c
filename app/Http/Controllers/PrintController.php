<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueRepository;
use App\Documents\MachineLabels;
use App\Documents\WalkSheet;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Http\QueryText;
use App\Models\Machine;
use App\Models\Walk;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** What is printed: labels for machines, and a walk for the day on which no tablet works. */
final class PrintController
{
    /** Twenty sheets. */
    private const MOST_LABELS = 480;

    public function labels(Request $request, MachineLabels $labels, CatalogueRepository $shelf): Response
    {
        Gate::authorize('viewAny', Machine::class);
        $query = Machine::query()->whereNull('left_at')->orderBy('fleet_number');
        $family = QueryText::of($request, 'family');
        if ($family !== '') {
            $catalogue = $shelf->current();
            $query->whereIn('model_id', array_keys(array_filter(
                $catalogue->models,
                static fn ($model): bool => $catalogue->family($model->familyId)->name === $family,
            )));
        }
        $machines = array_values($query->limit(self::MOST_LABELS + 1)->get()->all());
        if ($machines === [] || count($machines) > self::MOST_LABELS) {
            throw ApiProblem::because(
                $machines === [] ? ProblemName::NotFound : ProblemName::TooManyLabels,
                $machines === [] ? 404 : 422,
                ['most' => self::MOST_LABELS],
            );
        }

        return self::pdf($labels->of($machines), 'labels');
    }

    public function walk(Walk $walk, WalkSheet $sheet): Response
    {
        Gate::authorize('view', $walk);

        return self::pdf($sheet->of($walk), "walk-{$walk->machine->fleet_number}");
    }

    private static function pdf(string $bytes, string $name): Response
    {
        return response(
            $bytes,
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"{$name}.pdf\""],
        );
    }
}
