<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Tablets\CurrentDevice;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A session that a PIN opened lives on the tablet that it was opened on, for as long as that is enrolled. */
final readonly class BindSessionToDevice
{
    public const TABLET = 'tablet_id';

    public function __construct(private CurrentDevice $hand)
    {
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $tablet = $request->hasSession() ? $request->session()->get(self::TABLET) : null;
        if ($tablet !== null && $this->hand->tablet()?->id !== $tablet) {
            $guard = Auth::guard('web');
            assert($guard instanceof StatefulGuard);
            $guard->logout();
            $request->session()->invalidate();
            throw new AuthenticationException;
        }

        return $next($request);
    }
}
