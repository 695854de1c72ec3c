<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MergeHirers;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\Customer;
use App\Models\User;
use App\Presenters\PresentHirer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A hirer who was entered twice becomes one. */
final readonly class HirerMergerController
{
    public function __construct(private JsonBody $body, private MergeHirers $merge)
    {
    }

    public function __invoke(
        Request $request,
        Customer $hirer,
        PresentHirer $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'MergeHirers'));

        return response()->json($present->detail(($this->merge)($hirer->id, $asked->string('into'), $user)));
    }
}
