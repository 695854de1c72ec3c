<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Presenters\PresentModelDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What a model has to know, as its features are chosen. */
final class ModelDraftController
{
    public function index(PresentModelDraft $present): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return response()->json($present->choices());
    }

    public function store(Request $request, PresentModelDraft $present): JsonResponse
    {
        Gate::authorize('keep-models');
        $asked = JsonObject::of($request->validate([
            'family' => ['required', 'string', 'max:80'],
            'features' => ['present', 'array', 'max:200'],
            'features.*' => ['string', 'max:80'],
        ]));

        return response()->json(
            $present->of($asked->string('family'), $asked->strings('features')) ??
                throw ApiProblem::because(ProblemName::NotFound, 404),
        );
    }
}
