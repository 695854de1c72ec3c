<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\User;
use App\People\EndSessions;
use App\People\GoodPassword;
use App\People\OwnPassword;
use App\Presenters\PresentSession;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Another password; every other session of the person ends. */
final class PasswordController
{
    public function __invoke(
        Request $request,
        WriteAudit $audit,
        PresentSession $present,
        EndSessions $sessions,
        #[CurrentUser] User $user,
    ): JsonResponse {
        $valid = $request->validate([
            'password' => ['required', 'string', new OwnPassword($user)],
            'new_password' => ['required', 'string', 'max:200', new GoodPassword($user->login)],
        ]);
        $user->update(['password' => $valid['new_password'], 'pin_tries' => 0]);
        $sessions->elsewhere($user, $request);
        // The session remembers the hash that it was opened with.
        $request->session()->put('password_hash_web', $user->getAuthPassword());
        $request->session()->regenerate();
        $audit(AuditKind::PasswordChanged, $user, $user->name);

        return response()->json($present->of($user));
    }
}
