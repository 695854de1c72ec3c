<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\People\EndSessions;
use App\People\OwnPassword;
use App\People\SecondFactor\SecondFactor;
use App\Presenters\PresentSession;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A lead or an auditor takes up a device that is asked for at every sign-in from then on. */
final readonly class SecondFactorController
{
    public function __construct(private SecondFactor $factor)
    {
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('set-second-factor');
        $request->validate([
            'password' => ['required', 'string', new OwnPassword($user)],
            'code' => ['sometimes', 'string', 'max:40'],
        ]);
        $secret = $this->factor->propose($user, $request->string('code')->value());

        return response()->json(
            ['letters' => $secret->letters(), 'address' => $secret->address(), 'square' => $secret->square()],
            headers: ['Cache-Control' => 'no-store'],
        );
    }

    public function update(
        Request $request,
        PresentSession $present,
        EndSessions $sessions,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('set-second-factor');
        $request->validate(['code' => ['required', 'string', 'max:40']]);
        $codes = $this->factor->confirm($user, $request->string('code')->value());
        $sessions->elsewhere($user, $request);
        $request->session()->regenerate();

        return response()->json(
            ['recovery_codes' => $codes, 'session' => $present->of($user)],
            headers: ['Cache-Control' => 'no-store'],
        );
    }
}
