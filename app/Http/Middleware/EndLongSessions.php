<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Carbon\CarbonImmutable;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** However busy it was, a session ends some hours after it began. What is kept on the tablet stays there. */
final class EndLongSessions
{
    private const BEGAN = 'began_at';

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if ($request->hasSession() && Auth::guard('web')->check()) {
            $began = $request->session()->get(self::BEGAN);
            $now = CarbonImmutable::now()->getTimestamp();
            if (! is_int($began)) {
                $request->session()->put(self::BEGAN, $now);
            } elseif ($now - $began > config('jade.session_absolute_hours') * 3600) {
                $guard = Auth::guard('web');
                assert($guard instanceof StatefulGuard);
                $guard->logout();
                $request->session()->invalidate();
                throw new AuthenticationException;
            }
        }

        return $next($request);
    }
}
