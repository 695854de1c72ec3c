<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Presenters\PresentModel;
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
}
