<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MailHirer;
use App\Actions\MakeHirerLink;
use App\Actions\RevokeHirerLink;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\Hire;
use App\Models\HirerLanguage;
use App\Models\User;
use App\Presenters\PresentHirerLink;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** The link that a hire has for its hirer. */
final readonly class HirerLinkController
{
    public function __construct(private PresentHirerLink $present)
    {
    }

    public function show(Hire $hire): JsonResponse
    {
        Gate::authorize('giveLink', $hire);

        return response()->json($this->present->of($hire));
    }

    public function store(Hire $hire, MakeHirerLink $make, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('giveLink', $hire);
        $make($hire, $user);

        return response()->json($this->present->of($hire), 201);
    }

    public function destroy(Hire $hire, RevokeHirerLink $revoke, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('giveLink', $hire);
        $revoke($hire, $user);

        return response()->json($this->present->of($hire));
    }

    /** Card and link by mail, in the language of whoever reads them. */
    public function mail(
        Request $request,
        Hire $hire,
        JsonBody $body,
        MailHirer $mail,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('giveLink', $hire);
        $asked = JsonObject::of($body->of($request, 'MailHirer'));
        $mail($hire, $asked->string('to'), HirerLanguage::from($asked->string('language')), $user);

        return response()->json($this->present->of($hire));
    }
}
