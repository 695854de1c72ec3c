<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Machine;
use App\Presenters\PresentHorizon;
use App\Presenters\PresentServiceOfMachine;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ServiceController
{
    public function machine(Machine $machine, PresentServiceOfMachine $present): JsonResponse
    {
        Gate::authorize('view', $machine);

        return response()->json($present->of($machine));
    }

    public function horizon(PresentHorizon $present): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);

        return response()->json($present->ofFleet());
    }
}
