<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\QueryText;
use App\Models\Machine;
use App\Presenters\HorizonAsked;
use App\Presenters\PresentHorizon;
use App\Presenters\PresentServiceOfMachine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class ServiceController
{
    public function machine(Machine $machine, PresentServiceOfMachine $present): JsonResponse
    {
        Gate::authorize('view', $machine);

        return response()->json($present->of($machine));
    }

    public function horizon(Request $request, PresentHorizon $present): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);
        $drawing = QueryText::of($request, 'family');

        return response()->json($present->ofFleet(new HorizonAsked(
            $drawing === '' ? null : $drawing,
            QueryText::of($request, 'first') === 'clash' ? 'clash' : 'day',
            max(0, (int) QueryText::of($request, 'from')),
        )));
    }
}
