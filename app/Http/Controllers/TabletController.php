<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EnrolTablet;
use App\Actions\RevokeTablet;
use App\Models\Tablet;
use App\Models\User;
use App\People\PlainText;
use App\Presenters\Moment;
use App\Presenters\PresentPerson;
use App\Tablets\CurrentDevice;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** The tablets that the yard shares. */
final class TabletController
{
    public function index(CurrentDevice $hand): JsonResponse
    {
        Gate::authorize('keep-tablets');

        return response()->json($this->all($hand->tablet()));
    }

    public function store(Request $request, EnrolTablet $enrol, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-tablets');
        $request->validate(['name' => ['required', 'string', 'min:2', 'max:60', new PlainText]]);
        $secret = Str::random(40);
        $tablet = $enrol($request->string('name')->trim()->toString(), $secret, $user);

        return response()->json($this->all($tablet), 201)->withCookie(CurrentDevice::cookie($tablet, $secret));
    }

    public function destroy(
        Tablet $tablet,
        RevokeTablet $revoke,
        CurrentDevice $hand,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('keep-tablets');
        $revoke($tablet, $user);

        return response()->json($this->all($hand->tablet()));
    }

    /** @return array<string, mixed> */
    private function all(?Tablet $inHand): array
    {
        return [
            'tablets' => array_values(
                Tablet::query()
                    ->with('enrolledBy')
                    ->whereNull('revoked_at')
                    ->orderBy('name')
                    ->get()
                    ->map(
                        static fn (Tablet $tablet): array => [
                            'id' => $tablet->id,
                            'name' => $tablet->name,
                            'enrolled_by' => PresentPerson::of($tablet->enrolledBy),
                            'enrolled_at' => Moment::text($tablet->enrolled_at),
                            'is_this_one' => $tablet->id === $inHand?->id,
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
