<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SetModelPlate;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\User;
use App\Presenters\PresentPlate;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** The plate of a model: what its limits are computed from. */
final readonly class ModelPlateController
{
    public function __construct(private JsonBody $body, private SetModelPlate $set, private PresentPlate $present)
    {
    }

    public function show(string $model): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return response()->json($this->present->of($model));
    }

    public function update(Request $request, string $model, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-machines');
        ($this->set)($model, JsonObject::of($this->body->of($request, 'SetModelPlate')), $user);

        return response()->json($this->present->of($model));
    }
}
