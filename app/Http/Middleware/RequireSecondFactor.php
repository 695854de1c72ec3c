<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\User;
use App\People\SecondFactor\SecondFactor;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever has put the second factor off for too long sets it before anything else. */
final class RequireSecondFactor
{
    /**
     * @param \Closure(Request): Response $next
     *
     * @throws ApiProblem
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();

        return $user instanceof User && SecondFactor::isDue($user)
            ? throw ApiProblem::because(ProblemName::SecondFactorDue, 403)
            : $next($request);
    }
}
