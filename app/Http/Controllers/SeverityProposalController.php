<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueRepository;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Payloads\FindingDescription;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentProposal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** How grave a finding would be, before it is placed. */
final readonly class SeverityProposalController
{
    public function __construct(private JsonBody $body, private PresentProposal $present)
    {
    }

    public function walk(Request $request, Walk $walk, ContextOfWalk $context, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $walk);
        $posting = $context($walk, $user);

        return response()->json($this->present->of(
            $this->description($request),
            $posting->catalogue(),
            $posting->catalogue()->family($posting->model->familyId),
        ));
    }

    public function machine(Request $request, Machine $machine, CatalogueRepository $shelf): JsonResponse
    {
        Gate::authorize('view', $machine);
        $catalogue = $shelf->current();

        return response()->json($this->present->of(
            $this->description($request),
            $catalogue,
            $catalogue->family($catalogue->model($machine->model_id)->familyId),
        ));
    }

    private function description(Request $request): FindingDescription
    {
        return FindingDescription::read(JsonObject::of($this->body->of($request, 'FindingDescription')));
    }
}
