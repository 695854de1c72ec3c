<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SignInByPin;
use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Contract\JsonObject;
use App\Http\Middleware\BindSessionToDevice;
use App\Http\Middleware\EndLongSessions;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\User;
use App\People\GoodPin;
use App\People\OwnPassword;
use App\Presenters\PresentSession;
use App\Tablets\CurrentDevice;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Signing in by PIN on an enrolled tablet, and choosing one. */
final class PinController
{
    public function store(
        Request $request,
        SignInByPin $signIn,
        CurrentDevice $hand,
        PresentSession $present,
    ): JsonResponse {
        $valid = JsonObject::of($request->validate([
            'person' => ['required', 'string', 'uuid'],
            'pin' => ['required', 'string', 'max:8'],
        ]));
        $person = $signIn($valid->string('person'), $valid->string('pin'));
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $guard->login($person);
        $request->session()->regenerate();
        EndLongSessions::begin($request);
        $request->session()->put(BindSessionToDevice::TABLET, $hand->tablet()?->id);

        return response()->json($present->of($person));
    }

    public function update(
        Request $request,
        WriteAudit $audit,
        PresentSession $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        if (! $user->role->mayUsePin()) {
            throw ApiProblem::because(ProblemName::PinNotForThisPerson, 403);
        }
        $valid = $request->validate([
            'password' => ['required', 'string', new OwnPassword($user)],
            'pin' => ['required', 'string', new GoodPin()],
        ]);
        $user->update(['pin' => $valid['pin'], 'pin_tries' => 0]);
        $audit(AuditKind::PinChosen, $user, $user->name);

        return response()->json($present->of($user));
    }
}
