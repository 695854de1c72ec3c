<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenWalk;
use App\Http\Requests\OpenWalkRequest;
use App\Ledger\ChainHead;
use App\Models\Hire;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentWalk;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Gate;

final class WalkController
{
    public function store(
        OpenWalkRequest $request,
        Hire $hire,
        OpenWalk $open,
        PresentWalk $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        $walk = $open($hire, $request->movement(), $request->walkId(), $request->recordedAt(), $user);

        return response()->json($present->whole($walk, $user), $walk->id === $request->walkId() ? 201 : 200);
    }

    public function show(Walk $walk, PresentWalk $present, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $walk);

        return response()->json($present->whole($walk, $user));
    }

    /** How far it has come since an entry of the machine that the tablet knows. */
    public function state(Request $request, Walk $walk, PresentWalk $present, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $walk);
        $request->validate(['known_sequence' => ['sometimes', 'integer', 'min:0']]);
        $known = $request->filled('known_sequence') ? $request->integer('known_sequence') : null;
        $answer = response()->json();
        // Everything in it follows from the machine's entries, whoever reads it, and the minute: it cools meanwhile.
        $answer->setEtag(hash('sha256', implode('|', [
            $walk->id, $known ?? 'all', ChainHead::of($walk->machine_id)->hash(), $user->id, App::getLocale(),
            $user->units->value, CarbonImmutable::now()->format('Y-m-d H:i'),
        ])));

        return $answer->isNotModified($request) ? $answer : $answer->setData($present->since($known, $walk, $user));
    }
}
