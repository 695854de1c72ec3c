<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenWalk;
use App\Http\Requests\OpenWalkRequest;
use App\Models\Hire;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentWalk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class WalkController
{
    public function store(OpenWalkRequest $request, Hire $hire, OpenWalk $open, PresentWalk $present, #[CurrentUser] User $user): JsonResponse
    {
        $walk = $open($hire, $request->movement(), $request->walkId(), $request->recordedAt(), $user);

        return response()->json($present->whole($walk, $user), $walk->id === $request->walkId() ? 201 : 200);
    }

    public function show(Walk $walk, PresentWalk $present, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $walk);

        return response()->json($present->whole($walk, $user));
    }
}
