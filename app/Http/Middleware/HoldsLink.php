<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Catalogue\CatalogueWords;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Http\QueryText;
use App\Models\HirerLanguage;
use App\Models\HirerLink;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/** Whoever sends the token of a link acts in the yard of its hire, and sees nothing of it but that hire. */
final readonly class HoldsLink
{
    public function __construct(private CurrentYard $yard)
    {
    }

    /**
     * @param \Closure(Request): Response $next
     *
     * @throws ApiProblem where there is no token, or one that opens nothing: guessed, revoked and expired answer alike
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $token = (string) $request->bearerToken();
        if ($token === '') {
            throw ApiProblem::because(ProblemName::LinkMissing, 401);
        }
        $link = HirerLink::ofToken($token) ?? throw ApiProblem::because(ProblemName::LinkEnded, 404);
        $this->yard->stepInto($link->yard()->firstOrFail());
        $link->load('hire');
        if ($link->expiresAt()->lessThan(CarbonImmutable::now())) {
            throw ApiProblem::because(ProblemName::LinkEnded, 404);
        }
        $asked = HirerLanguage::tryFrom(QueryText::of($request, 'language'));
        if ($asked !== null) {
            App::setLocale($asked->value);
        }
        $request->attributes->set(HirerLink::class, $link);
        $response = $next($request);
        if ($response instanceof JsonResponse && CatalogueWords::isNeeded()) {
            $response->setData(CatalogueWords::within($response->getData()));
        }
        // What is kept on a phone is kept by its page, which knows of whom it is.
        $response->headers->set('Cache-Control', 'private, no-store');

        return $response;
    }

    public static function link(Request $request): HirerLink
    {
        $link = $request->attributes->get(HirerLink::class);

        return $link instanceof HirerLink ? $link : throw new \LogicException('This route asks for no link.');
    }
}
