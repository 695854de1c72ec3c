<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Somebody opens a document of ours in a window of its own: the browser sends their session and no referrer, and says
 * itself that nobody else's page sent them. Without this, Sanctum would not look at the session.
 *
 * Only what reads, and only where Fetch Metadata (W3C) says that it comes from us or was typed.
 */
final class RecognizeNavigation
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $isOurs = in_array($request->header('Sec-Fetch-Site'), ['same-origin', 'none'], true)
            && $request->header('Sec-Fetch-Mode') === 'navigate';
        if (
            $isOurs
            && $request->isMethod('GET')
            && $request->header('Referer') === null
            && $request->header('Origin') === null
        ) {
            $request->headers->set('Referer', $request->root().'/');
        }

        return $next($request);
    }
}
