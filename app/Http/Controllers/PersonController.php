<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Presenters\PresentPeople;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class PersonController
{
    public function __invoke(PresentPeople $present): JsonResponse
    {
        Gate::authorize('read-people');

        return response()->json($present->all());
    }
}
