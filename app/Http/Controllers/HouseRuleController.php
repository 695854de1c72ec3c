<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Presenters\PresentHouseRules;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class HouseRuleController
{
    public function __invoke(PresentHouseRules $present): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return response()->json(['rules' => $present->all()]);
    }
}
