<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\JsonObject;
use App\Models\Language;
use App\Models\Units;
use App\Models\User;
use App\People\ReadersUnits;
use App\Presenters\PresentSession;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** The language and the units that somebody reads, on whatever tablet. */
final class PreferenceController
{
    public function __invoke(
        Request $request,
        PresentSession $present,
        ReadersUnits $units,
        #[CurrentUser] User $user,
    ): JsonResponse {
        $chosen = JsonObject::of($request->validate([
            'language' => ['sometimes', 'required', Rule::enum(Language::class)],
            'units' => ['sometimes', 'required', Rule::enum(Units::class)],
        ]));
        $user->update($chosen->byName());

        $units->readBy($user);

        return response()->json($present->of($user));
    }
}
