<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Signing in and out is done from a page of this yard; a request that does not say so has no session to begin. */
final class RequireSession
{
    /**
     * @param \Closure(Request): Response $next
     *
     * @throws ApiProblem
     */
    public function handle(Request $request, \Closure $next): Response
    {
        return $request->hasSession()
            ? $next($request)
            : throw ApiProblem::because(ProblemName::NotFromThePage, 400);
    }
}
