<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanService;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\User;
use App\Presenters\PresentServicePlans;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use JadeLedger\Core\Paper\CalendarDate;

final readonly class ServicePlanController
{
    public function __construct(private JsonBody $body, private PlanService $plan)
    {
    }

    public function __invoke(Request $request, PresentServicePlans $present, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-service');
        $asked = JsonObject::of($this->body->of($request, 'PlanService'));
        $day = $asked->optionalString('day');
        ($this->plan)(
            array_map(static fn (JsonObject $one): array => [
                'machine' => $one->string('machine_id'),
                'point' => $one->string('point'),
            ], $asked->objects('work')),
            $day === null ? null : CalendarDate::parse($day),
            $user,
        );

        return response()->json(['planned' => $present->ahead()]);
    }
}
