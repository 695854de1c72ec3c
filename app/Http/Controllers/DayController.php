<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Machine;
use App\Models\User;
use App\Presenters\PresentDay;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class DayController
{
    public function __invoke(
        Request $request,
        PresentDay $present,
        CurrentYard $yard,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('viewAny', Machine::class);
        $valid = $request->validate(['date' => ['sometimes', 'date_format:Y-m-d']]);
        $zone = $yard->timezone();
        $now = CarbonImmutable::now();
        $day = isset($valid['date'])
            ? CarbonImmutable::createFromFormat('!Y-m-d', $valid['date'], $zone)
            : $now->setTimezone($zone)->startOfDay();
        assert($day instanceof CarbonImmutable);

        return response()->json($present->of($day, $now, $user));
    }
}
