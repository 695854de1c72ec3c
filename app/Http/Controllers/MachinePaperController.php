<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordPaper;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\Machine;
use App\Models\User;
use App\Presenters\PresentMachineDetail;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A paper of a machine is recorded; the one before of its kind stays where it is and counts no more. */
final readonly class MachinePaperController
{
    public function __construct(private JsonBody $body, private RecordPaper $record)
    {
    }

    public function __invoke(
        Request $request,
        Machine $machine,
        PresentMachineDetail $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('keep-papers');
        ($this->record)($machine, JsonObject::of($this->body->of($request, 'RecordPaper')), $user);

        return response()->json($present->of($machine), 201);
    }
}
