<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PostEntries;
use App\Http\EntryBatch;
use App\Ledger\Actor;
use App\Ledger\DeviceClock;
use App\Models\Hire;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentBatch;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Takes entries of a walk, of a hire or of a machine. */
final readonly class EntryController
{
    public function __construct(private PostEntries $post, private PresentBatch $present)
    {
    }

    public function walk(Request $request, Walk $walk, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('post', $walk);
        $batch = EntryBatch::of($request);
        $results = ($this->post)($walk, $batch->entries, Actor::person($user), self::clock($request));

        return $this->present->ofWalk($results, $walk, $user, $batch->knownSequence);
    }

    public function hire(Request $request, Hire $hire, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('post', $hire);

        return $this->present->results(
            ($this->post)($hire, EntryBatch::of($request)->entries, Actor::person($user), self::clock($request)),
        );
    }

    public function machine(Request $request, Machine $machine, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('post', $machine);

        return $this->present->results(
            ($this->post)($machine, EntryBatch::of($request)->entries, Actor::person($user), self::clock($request)),
        );
    }

    private static function clock(Request $request): DeviceClock
    {
        return DeviceClock::of($request, CarbonImmutable::now());
    }
}
