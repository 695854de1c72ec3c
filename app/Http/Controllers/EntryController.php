<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PostEntries;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\DeviceClock;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentBatch;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class EntryController
{
    private const LARGEST_BATCH = 200;

    public function __invoke(Request $request, Walk $walk, PostEntries $post, PresentBatch $present, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('post', $walk);
        // Not held against the contract as a whole: one bad entry must not keep the others out.
        $body = json_decode($request->getContent(), false, 64);
        $entries = $body->entries ?? null;
        $known = $body->known_sequence ?? null;
        if (! is_array($entries) || $entries === [] || count($entries) > self::LARGEST_BATCH) {
            throw ApiProblem::because(ProblemName::NoEntries, 422, ['most' => self::LARGEST_BATCH]);
        }

        return $present->respond($post($walk, array_values($entries), $user, DeviceClock::of($request, CarbonImmutable::now())), $walk, $user, is_int($known) ? $known : null);
    }
}
