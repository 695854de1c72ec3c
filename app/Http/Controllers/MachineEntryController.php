<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Presenters\PresentEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class MachineEntryController
{
    public function __invoke(Machine $machine, PresentEntry $present): JsonResponse
    {
        Gate::authorize('view', $machine);
        $page = LedgerEntry::query()->with('actor')->where('machine_id', $machine->id)->orderByDesc('sequence')->cursorPaginate(100);

        return response()->json([
            'entries' => $present->all(array_values($page->items())),
            'next_cursor' => $page->nextCursor()?->encode(),
        ]);
    }
}
