<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Setting;
use Carbon\CarbonImmutable;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * However busy it was, a session ends some hours after it began; and at once when the person's sessions were ended
 * since. What is kept on the tablet stays there.
 */
final class EndLongSessions
{
    private const BEGAN = 'began_at';

    /** The session of this request begins now. */
    public static function begin(Request $request): void
    {
        $request->session()->put(self::BEGAN, self::now());
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->hasSession() ? Auth::guard('web')->user() : null;
        if ($user instanceof User) {
            $began = $request->session()->get(self::BEGAN);
            // Of a session that somebody is put into otherwise than by signing in nothing is known: it begins here.
            if (! is_int($began) && ! is_float($began)) {
                self::begin($request);
            } elseif (self::isOver((float) $began, $user)) {
                $guard = Auth::guard('web');
                assert($guard instanceof StatefulGuard);
                $guard->logout();
                $request->session()->invalidate();
                throw new AuthenticationException;
            }
        }

        return $next($request);
    }

    private static function isOver(float $began, User $user): bool
    {
        return self::now() - $began > Setting::number('jade.session_absolute_hours') * 3600
            || ($user->sessions_valid_from !== null && $began < (float) $user->sessions_valid_from->format('U.u'));
    }

    private static function now(): float
    {
        return (float) CarbonImmutable::now()->format('U.u');
    }
}
