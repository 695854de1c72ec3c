<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeAccount;
use App\Models\Role;
use App\Models\User;
use App\People\GoodPassword;
use App\Presenters\PresentPeople;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What the lead does to somebody's account. */
final readonly class AccountController
{
    public function __construct(private ChangeAccount $change, private PresentPeople $present)
    {
    }

    public function role(Request $request, User $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-people');
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);
        $this->change->role($person, Role::from($request->string('role')->value()), $user);

        return response()->json($this->present->all());
    }

    public function seeOff(User $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-people');
        $this->change->seeOff($person, $user);

        return response()->json($this->present->all());
    }

    public function takeBack(User $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-people');
        $this->change->takeBack($person, $user);

        return response()->json($this->present->all());
    }

    /**
     * What a tablet still holds of somebody who left is posted under the lead's name; who it was of is written down
     * first.
     */
    public function takeOverOutbox(Request $request, User $person, #[CurrentUser] User $user): Response
    {
        Gate::authorize('keep-people');
        $request->validate(['count' => ['required', 'integer', 'min:1', 'max:100000']]);
        $this->change->takeOverOutbox($person, $request->integer('count'), $user);

        return response()->noContent();
    }

    public function resetSecrets(Request $request, User $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-people');
        $request->validate(['password' => ['required', 'string', 'max:200', new GoodPassword($person->login)]]);
        $this->change->resetSecrets($person, $request->string('password')->value(), $user);

        return response()->json($this->present->all());
    }
}
