<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PageCursor;
use App\Models\Machine;
use App\Presenters\PresentMachine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class MachineController
{
    public function index(Request $request, PresentMachine $present): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);
        $page = Machine::query()->with(['state', 'place'])->orderBy('fleet_number')->cursorPaginate(
            100,
            cursor: PageCursor::of($request, 'fleet_number'),
        );

        return response()->json([
            'machines' => array_map($present->row(...), array_values($page->items())),
            'next_cursor' => $page->nextCursor()?->encode(),
        ]);
    }

    public function show(Machine $machine, PresentMachine $present): JsonResponse
    {
        Gate::authorize('view', $machine);

        return response()->json($present->detail($machine));
    }
}
