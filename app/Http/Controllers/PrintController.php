<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueRepository;
use App\Documents\BriefingCard;
use App\Documents\MachineLabels;
use App\Documents\Paper;
use App\Documents\WalkSheet;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Http\QueryText;
use App\Ledger\Contexts\ContextOfWalk;
use App\Models\HirerLanguage;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Gate;

/** What is printed: labels for machines, a walk for the day on which no tablet works, what a customer takes along. */
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

    /** In the language of whoever takes it along, which need not be the reader's. */
    public function card(
        Request $request,
        Walk $walk,
        ContextOfWalk $contexts,
        BriefingCard $card,
        #[CurrentUser] User $user,
    ): Response {
        Gate::authorize('view', $walk);
        $language = HirerLanguage::tryFrom(QueryText::of($request, 'language'))->value ?? $user->language->value;
        $paper = Paper::tryFrom(QueryText::of($request, 'paper')) ?? Paper::A4;
        $reads = App::getLocale();
        App::setLocale($language);
        try {
            return self::pdf($card->of($contexts($walk, $user), $paper), "card-{$walk->machine->fleet_number}");
        } finally {
            App::setLocale($reads);
        }
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
