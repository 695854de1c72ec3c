<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PageCursor;
use App\Models\AuditEntry;
use App\Presenters\Moment;
use App\Presenters\PresentPerson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Who came in and who changed what everything else rests on, newest first. */
final class AuditController
{
    private const A_PAGE = 100;

    public function __invoke(Request $request): JsonResponse
    {
        Gate::authorize('read-audit');
        $page = AuditEntry::query()->with('actor')->orderByDesc('id')->cursorPaginate(
            self::A_PAGE,
            cursor: PageCursor::of($request, 'id'),
        );

        return response()->json([
            'entries' => array_map(static fn (AuditEntry $entry): array => [
                'id' => $entry->id,
                'at' => Moment::text($entry->at),
                'kind' => $entry->kind->value,
                'actor' => PresentPerson::orNull($entry->actor),
                'subject' => $entry->subject,
                'before' => (object) $entry->before,
                'after' => (object) $entry->after,
                'address' => $entry->address,
            ], $page->items()),
            'next_cursor' => $page->nextCursor()?->encode(),
        ]);
    }
}
