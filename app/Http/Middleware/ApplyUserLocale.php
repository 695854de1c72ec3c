<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Catalogue\CatalogueWords;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the language of whoever is signed in. */
final class ApplyUserLocale
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = Auth::guard('web')->user();
        if ($user instanceof User) {
            App::setLocale($user->language->value);
        }
        $response = $next($request);
        if ($response instanceof JsonResponse && CatalogueWords::isNeeded()) {
            $response->setData(CatalogueWords::within($response->getData()));
        }

        return $response;
    }
}
