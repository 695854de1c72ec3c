<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Language;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/** The language that the browser asks for, until it is known who asks. */
final class NegotiateLocale
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        App::setLocale((string) $request->getPreferredLanguage(array_column(Language::cases(), 'value')));

        return $next($request);
    }
}
