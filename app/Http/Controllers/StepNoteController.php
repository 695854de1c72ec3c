<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SetStepNote;
use App\Catalogue\CatalogueRepository;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** The yard's own words at a step of a briefing. */
final class StepNoteController
{
    public function update(
        Request $request,
        string $step,
        JsonBody $body,
        CatalogueRepository $shelf,
        SetStepNote $set,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('choose-house-rules');
        $asked = JsonObject::of($body->of($request, 'SetStepNote'));
        if (! in_array($step, array_column($shelf->current()->briefingSteps, 'id'), true)) {
            throw ApiProblem::because(ProblemName::NoSuchStep, 404, ['step' => mb_substr($step, 0, 60)]);
        }
        $hirer = $asked->optionalString('hirer_id');
        $set(
            $step,
            trim($asked->string('words')),
            $hirer === null ? null : Customer::query()->findOrFail($hirer)->kept(),
            $user,
        );

        return response()->json(null, 204);
    }
}
