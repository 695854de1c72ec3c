<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\CalendarFeed;
use App\Models\CalendarShows;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Makes an address for a calendar. Its token is told once and kept nowhere. */
final readonly class MakeCalendarFeed
{
    /** 32 octets of chance: nobody guesses it. */
    private const OCTETS = 32;

    public function __construct(private WriteAudit $audit)
    {
    }

    /** @return string the token */
    public function __invoke(string $name, CalendarShows $shows, User $by): string
    {
        $token = bin2hex(random_bytes(self::OCTETS));
        CalendarFeed::query()->create([
            'name' => $name, 'shows' => $shows, 'digest' => CalendarFeed::digestOf($token),
            'made_by_id' => $by->id, 'made_at' => CarbonImmutable::now(),
        ]);
        ($this->audit)(AuditKind::CalendarFeedMade, $by, $name);

        return $token;
    }
}
