<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Hire;
use App\Presenters\PresentHirerReports;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Faults that hirers reported: the open ones of the yard, and all that a hire has. */
final readonly class HirerReportController
{
    public function __construct(private PresentHirerReports $present)
    {
    }

    public function open(): JsonResponse
    {
        Gate::authorize('read-people');

        return response()->json(['reports' => $this->present->open()]);
    }

    public function hire(Hire $hire): JsonResponse
    {
        Gate::authorize('view', $hire);

        return response()->json($this->present->ofHire($hire));
    }
}
