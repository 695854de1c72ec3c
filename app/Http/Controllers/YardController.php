<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeYard;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\User;
use App\Models\Yard;
use App\Yards\Currency;
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
        $asked = JsonObject::of($body->of($request, 'ChangeYard'));
        $yard = Yard::query()->findOrFail($user->yard_id);
        $currency = $asked->has('currency') ? Currency::known($asked->string('currency')) : $yard->currency;

        return $this->answer($change($yard, [
            'phone' => $asked->optionalString('phone'), 'currency' => $currency,
        ], $user));
    }

    private function answer(Yard $yard): JsonResponse
    {
        return response()->json([
            'name' => $yard->name, 'place' => $yard->place, 'phone' => $yard->phone, 'currency' => $yard->currency,
        ]);
    }
}
