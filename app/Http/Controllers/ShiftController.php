<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\User;
use App\Presenters\PresentPeople;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Who is on shift: only they are offered on the shared tablets. */
final class ShiftController
{
    public function __invoke(
        User $person,
        Request $request,
        WriteAudit $audit,
        PresentPeople $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('keep-people');
        $isOn = (bool) $request->validate(['is_on_shift' => ['required', 'boolean']])['is_on_shift'];
        if ($isOn !== $person->is_on_shift) {
            $audit(
                AuditKind::ShiftChanged,
                $user,
                $person->name,
                ['is_on_shift' => $person->is_on_shift],
                ['is_on_shift' => $isOn],
            );
            $person->update(['is_on_shift' => $isOn]);
        }

        return response()->json($present->all());
    }
}
