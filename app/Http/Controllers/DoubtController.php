<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Presenters\PresentDoubts;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class DoubtController
{
    public function __invoke(PresentDoubts $present): JsonResponse
    {
        Gate::authorize('settle-doubts');

        return response()->json($present->all());
    }
}
