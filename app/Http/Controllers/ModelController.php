<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveModel;
use App\Http\Requests\ModelRequest;
use App\Models\User;
use App\Presenters\PresentModel;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ModelController
{
    public function index(PresentModel $present): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return response()->json(['models' => $present->all()]);
    }

    public function show(string $model, PresentModel $present): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return response()->json($present->of($model));
    }

    public function store(
        ModelRequest $request,
        SaveModel $keep,
        PresentModel $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        return response()->json($present->of($keep->asNew($request->sheet(), $user)), 201);
    }

    public function update(
        string $model,
        ModelRequest $request,
        SaveModel $keep,
        PresentModel $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        return response()->json($present->of($keep->corrected($model, $request->sheet(), $user)));
    }
}
