<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\GradeFinding;
use App\Ledger\Payloads\FindingDescription;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentSource;
use App\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** How grave a finding would be, before it is placed. */
final class SeverityProposalController
{
    public function __invoke(Request $request, Walk $walk, JsonBody $body, ContextOfWalk $context, GradeFinding $grade, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $walk);
        $payload = FindingDescription::read(JsonObject::of($body->of($request, 'FindingDescription')));
        $posting = $context($walk, $user);
        $family = $posting->catalogue->family($posting->model->familyId);
        $proposal = $grade($payload, $posting->catalogue, $family);

        return response()->json([
            'severity' => $proposal->severity->value,
            'because' => $proposal->reason,
            'source' => PresentSource::of($proposal->source),
            'part' => GradeFinding::part($payload, $family)->name ?? Words::say('words.beside_the_machine'),
        ]);
    }
}
