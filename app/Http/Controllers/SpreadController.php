<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Hire;
use App\Presenters\PresentSpread;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class SpreadController
{
    public function __invoke(Hire $hire, PresentSpread $present): JsonResponse
    {
        Gate::authorize('view', $hire);

        return response()->json($present->of($hire));
    }
}
