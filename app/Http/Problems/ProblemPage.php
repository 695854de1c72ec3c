<?php

declare(strict_types=1);

namespace App\Http\Problems;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A problem as a page of its own, with the way back. */
final class ProblemPage
{
    public static function of(JsonResponse $problem): Response
    {
        $said = $problem->getData(true);
        $said = is_array($said) ? $said : [];
        $html = view(
            'problem',
            ['title' => (string) ($said['title'] ?? ''), 'detail' => (string) ($said['detail'] ?? '')],
        )->render();

        return new Response($html, $problem->getStatusCode(), ['Content-Type' => 'text/html; charset=utf-8']);
    }
}
