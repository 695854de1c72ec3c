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
        $request->validate(['date' => ['sometimes', 'date_format:Y-m-d']]);
        $zone = $yard->timezone();
        $now = CarbonImmutable::now();
        $day = $request->filled('date')
            ? CarbonImmutable::createFromFormat('!Y-m-d', $request->string('date')->toString(), $zone)
            : $now->setTimezone($zone)->startOfDay();
        assert($day instanceof CarbonImmutable);

        $shown = $present->of($day, $now, $user);
        $answer = response()->json($shown);
        // The moment alone is no news: a page reads it from the Date of the answer (RFC 9110 section 6.6.1).
        $answer->setEtag(hash('sha256', $user->id.json_encode(
            array_diff_key($shown, ['now' => true]),
            JSON_THROW_ON_ERROR,
        )));
        $answer->isNotModified($request);

        return $answer;
    }
}
