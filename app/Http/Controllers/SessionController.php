<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\Presenters\PresentSession;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

final class SessionController
{
    public function show(Request $request, PresentSession $present): JsonResponse
    {
        return response()->json($present->of($request->user('web')));
    }

    public function store(SignInRequest $request, PresentSession $present): JsonResponse
    {
        $user = $request->authenticate();
        $request->session()->regenerate();

        return response()->json($present->of($user));
    }

    /** Signs a person out of every tablet and desk but this one. */
    public function elsewhere(Request $request): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', $request->session()->getId())->delete();

        return response()->noContent();
    }

    public function destroy(Request $request): Response
    {
        // By name: behind Sanctum the default guard is one that cannot sign anybody out.
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
