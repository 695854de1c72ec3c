<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChooseHouseRule;
use App\Http\Requests\ChooseHouseRuleRequest;
use App\Models\User;
use App\Presenters\PresentHouseRules;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class HouseRuleController
{
    public function index(PresentHouseRules $present): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return response()->json(['rules' => $present->all(), 'stated' => $present->stated()]);
    }

    public function update(
        string $rule,
        ChooseHouseRuleRequest $request,
        ChooseHouseRule $choose,
        PresentHouseRules $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        $choose($rule, $request->string('value')->value(), trim($request->string('reason')->value()), $user);

        return response()->json(['rules' => $present->all(), 'stated' => $present->stated()]);
    }
}
