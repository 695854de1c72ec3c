<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Machine;
use App\Presenters\PresentTelematics;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class TelematicsController
{
    public function __invoke(PresentTelematics $present): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);

        return response()->json($present->ofFleet());
    }
}
