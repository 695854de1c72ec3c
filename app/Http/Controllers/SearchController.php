<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\QueryText;
use App\Models\Machine;
use App\Search\Hit;
use App\Search\SearchYard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class SearchController
{
    private const LONGEST = 60;

    public function __invoke(Request $request, SearchYard $search): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);
        $hits = $search(QueryText::of($request, 'words', self::LONGEST));

        return response()->json(['hits' => array_map(
            static fn (Hit $hit): array => [
                'kind' => $hit->kind->value,
                'id' => $hit->id,
                'title' => $hit->title,
                'sub' => $hit->sub,
                'at' => $hit->at,
            ],
            $hits,
        )]);
    }
}
