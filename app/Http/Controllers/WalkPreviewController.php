<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PreviewWalk;
use App\Models\Hire;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use JadeLedger\Core\Check\Movement;

/** A walk before it is opened, so that it can be opened with no network. */
final class WalkPreviewController
{
    public function __invoke(
        Hire $hire,
        Movement $movement,
        PreviewWalk $preview,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('openWalk', $hire);

        return response()->json($preview($hire, $movement, $user));
    }
}
