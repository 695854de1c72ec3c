<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Ledger\RebuildProgress;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Half a projection is never shown: while they are built again, tablets keep what they hold and ask again later. */
final readonly class RefuseWhileRebuilding
{
    public function __construct(private RebuildProgress $progress)
    {
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if (! $request->is('api/health', 'api/ready', 'api/metrics') && $this->progress->isUnderWay()) {
            throw RebuildProgress::underWay();
        }

        return $next($request);
    }
}
