<?php

declare(strict_types=1);

namespace App\Http\Problems;

use App\Contract\JsonObject;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A problem as a page of its own, with the way back. */
final class ProblemPage
{
    public static function of(JsonResponse $problem): Response
    {
        $said = $problem->getData();
        $said = JsonObject::of($said instanceof \stdClass ? $said : []);
        $html = view(
            'problem',
            ['title' => $said->optionalString('title') ?? '', 'detail' => $said->optionalString('detail') ?? ''],
        )->render();

        return new Response($html, $problem->getStatusCode(), ['Content-Type' => 'text/html; charset=utf-8']);
    }
}
