<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EnterSheet;
use App\Contract\JsonObject;
use App\Hires\YardTime;
use App\Http\JsonBody;
use App\Models\User;
use App\Models\Walk;
use App\Paper\FilledSheet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A walk that was done with paper and pen. */
final readonly class SheetController
{
    public function __invoke(
        Request $request,
        Walk $walk,
        JsonBody $body,
        YardTime $time,
        EnterSheet $enter,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('post', $walk);
        $sheet = FilledSheet::read(JsonObject::of($body->of($request, 'EnterSheet')), $time);

        return response()->json($enter($walk, $sheet, $user)->toArray());
    }
}
