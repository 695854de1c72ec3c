<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddPerson;
use App\Http\Requests\AddPersonRequest;
use App\Models\Role;
use App\Models\User;
use App\Presenters\PresentPeople;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class PersonController
{
    public function index(PresentPeople $present): JsonResponse
    {
        Gate::authorize('read-people');

        return response()->json($present->all());
    }

    public function store(
        AddPersonRequest $request,
        AddPerson $add,
        PresentPeople $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        $word = static fn (string $name): string => trim($request->string($name)->value());
        $add(
            $word('name'),
            $word('login'),
            $word('initials'),
            Role::from($word('role')),
            $request->string('password')->value(),
            $user,
        );

        return response()->json($present->all(), 201);
    }
}
