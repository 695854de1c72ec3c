<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SetServiceInterval;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\User;
use App\Presenters\PresentProgramme;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final readonly class ServiceProgrammeController
{
    public function __construct(private JsonBody $body, private SetServiceInterval $set)
    {
    }

    public function show(string $model, PresentProgramme $present): JsonResponse
    {
        Gate::authorize('read-catalogue');

        return response()->json($present->of($model));
    }

    public function update(
        Request $request,
        string $model,
        string $point,
        PresentProgramme $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('keep-machines');
        $asked = JsonObject::of($this->body->of($request, 'SetServiceInterval'));
        ($this->set)(
            $model,
            $point,
            $asked->optionalInteger('hours'),
            $asked->integer('months'),
            $asked->integer('days'),
            $asked->optionalInteger('hires') ?? 0,
            trim($asked->string('source')),
            $user,
        );

        return response()->json($present->of($model));
    }
}
