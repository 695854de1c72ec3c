<?php

declare(strict_types=1);

namespace App\People;

use App\Http\Middleware\EndLongSessions;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/**
 * Ends what somebody is signed in to, on every tablet and node at once and wherever sessions are kept: none that began
 * before this moment is taken any more.
 */
final class EndSessions
{
    public function of(User $user): void
    {
        $user->update(['sessions_valid_from' => CarbonImmutable::now()]);
    }

    /** All but the one that asks. */
    public function elsewhere(User $user, Request $request): void
    {
        $this->of($user);
        EndLongSessions::begin($request);
    }
}
