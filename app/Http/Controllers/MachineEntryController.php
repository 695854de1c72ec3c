<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PageCursor;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Presenters\PresentEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class MachineEntryController
{
    public function __invoke(Request $request, Machine $machine, PresentEntry $present): JsonResponse
    {
        Gate::authorize('view', $machine);
        $page = LedgerEntry::query()
            ->with('actor')
            ->where('machine_id', $machine->id)
            ->orderByDesc('sequence')
            ->cursorPaginate(100, cursor: PageCursor::of($request, 'sequence'));

        return response()->json([
            'entries' => $present->all(array_values($page->items())),
            'next_cursor' => $page->nextCursor()?->encode(),
        ]);
    }
}
