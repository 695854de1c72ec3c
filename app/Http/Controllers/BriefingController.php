<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentBriefing;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class BriefingController
{
    public function __invoke(Walk $walk, PresentBriefing $present, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $walk);

        return response()->json($present->of($walk, $user));
    }
}
