<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MakeCalendarFeed;
use App\Actions\RevokeCalendarFeed;
use App\Calendars\CalendarOfHires;
use App\Calendars\CalendarOfService;
use App\Models\CalendarFeed;
use App\Models\CalendarShows;
use App\Models\User;
use App\People\PlainText;
use App\Presenters\Moment;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Addresses for calendars, and the calendar behind each. */
final class CalendarFeedController
{
    public function index(): JsonResponse
    {
        Gate::authorize('book');

        return response()->json($this->all());
    }

    public function store(Request $request, MakeCalendarFeed $make, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $request->validate([
            'name' => ['required', 'string', 'min:2', 'max:60', new PlainText()],
            'shows' => [Rule::enum(CalendarShows::class)],
        ]);
        $shows = CalendarShows::from($request->string('shows', CalendarShows::Hires->value)->toString());
        $token = $make($request->string('name')->trim()->toString(), $shows, $user);

        return response()->json($this->all($token), 201);
    }

    public function destroy(CalendarFeed $feed, RevokeCalendarFeed $revoke, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $revoke($feed, $user);

        return response()->json($this->all());
    }

    /** Whoever holds the address reads it; an unknown and a revoked one answer alike. */
    public function read(
        string $token,
        CurrentYard $yard,
        CalendarOfHires $hires,
        CalendarOfService $service,
    ): Response {
        $feed = CalendarFeed::ofToken($token) ?? abort(404);
        $yard->stepInto($feed->yard()->firstOrFail());
        $now = CarbonImmutable::now();
        $feed->update(['read_at' => $now]);

        $calendar = match ($feed->shows) {
            CalendarShows::Hires => $hires->at($now),
            CalendarShows::Service => $service->at($now),
        };

        return response($calendar->text(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="'.$feed->shows->value.'.ics"',
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /** @return array<string, mixed> */
    private function all(?string $token = null): array
    {
        return [
            // Told once: from the database it cannot be read again.
            'made' => $token === null ? null : route('calendar.read', ['token' => $token]),
            'feeds' => array_values(
                CalendarFeed::query()
                    ->with('madeBy')
                    ->whereNull('revoked_at')
                    ->orderBy('name')
                    ->get()
                    ->map(
                        static fn (CalendarFeed $feed): array => [
                            'id' => $feed->id,
                            'name' => $feed->name,
                            'shows' => $feed->shows->value,
                            'made_by' => $feed->madeBy->name,
                            'made_at' => Moment::text($feed->made_at),
                            'read_at' => Moment::orNull($feed->read_at),
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
