<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * What one person entered on a tablet is never posted under the name of another, whoever signed in meanwhile.
 *
 * A tablet names who entered it in X-Actor. 401 when somebody else is signed in: it stays on the tablet.
 */
final class RefuseOtherActor
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $entered = $request->header('X-Actor');
        if (is_string($entered) && Auth::guard('web')->id() !== null && $entered !== Auth::guard('web')->id()) {
            throw ApiProblem::because(ProblemName::SomebodyElseIsSignedIn, 401);
        }

        return $next($request);
    }
}
