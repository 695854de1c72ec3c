<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpFoundation\Response;

/** Somebody asked for what their role may not do: whoever reads the log sees who, and where. */
final class LogRefusals
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $answer = $next($request);
        if ($answer->getStatusCode() === Response::HTTP_FORBIDDEN) {
            Log::warning('Refused: not theirs to do', [
                'user' => $request->user()?->getAuthIdentifier(),
                'method' => $request->method(),
                'route' => $request->route()->getName(),
                'path' => $request->path(),
                'address' => $request->ip(),
            ]);
        }

        return $answer;
    }
}
