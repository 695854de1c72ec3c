<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordQualification;
use App\Http\Requests\RecordQualificationRequest;
use App\Models\User;
use App\Presenters\PresentPeople;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class QualificationController
{
    public function __invoke(
        User $person,
        string $qualification,
        RecordQualificationRequest $request,
        RecordQualification $record,
        PresentPeople $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        $record(
            $person,
            $qualification,
            $request->string('valid_until')->value(),
            trim($request->string('proof')->value()),
            $user,
        );

        return response()->json($present->all());
    }
}
