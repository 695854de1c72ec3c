<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeYard;
use App\Http\JsonBody;
use App\Models\User;
use App\Models\Yard;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What the yard says of itself to those outside. */
final class YardController
{
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return $this->answer(Yard::query()->findOrFail($user->yard_id));
    }

    public function update(
        Request $request,
        JsonBody $body,
        ChangeYard $change,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('choose-house-rules');
        $phone = $body->of($request, 'ChangeYard')->phone;

        $yard = Yard::query()->findOrFail($user->yard_id);

        return $this->answer($change($yard, is_string($phone) ? $phone : null, $user));
    }

    private function answer(Yard $yard): JsonResponse
    {
        return response()->json(['name' => $yard->name, 'place' => $yard->place, 'phone' => $yard->phone]);
    }
}
