<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Middleware\EndLongSessions;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\People\EndSessions;
use App\People\SecondFactor\SecondFactor;
use App\Presenters\PresentSession;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

final class SessionController
{
    public function show(Request $request, PresentSession $present): JsonResponse
    {
        return response()->json($present->of($request->user('web')));
    }

    public function store(
        SignInRequest $request,
        PresentSession $present,
        WriteAudit $audit,
        SecondFactor $factor,
    ): JsonResponse {
        $user = $request->authenticate($audit, $factor);
        $request->session()->regenerate();
        EndLongSessions::begin($request);

        return response()->json($present->of($user));
    }

    /** Signs a person out of every tablet and desk but this one. */
    public function elsewhere(Request $request, WriteAudit $audit, EndSessions $sessions): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $sessions->elsewhere($user, $request);
        $audit(AuditKind::SignedOutElsewhere, $user, $user->name);

        return response()->noContent();
    }

    public function destroy(Request $request, WriteAudit $audit): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        // By name: behind Sanctum the default guard is one that cannot sign anybody out.
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $audit(AuditKind::SignedOut, $user, $user->name);
        $guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // What the browser kept of this person's pages and pictures goes with them. Source: W3C Clear Site Data.
        return response()->noContent(headers: ['Clear-Site-Data' => '"cache"']);
    }
}
