<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\CalendarFeed;
use App\Models\User;
use Carbon\CarbonImmutable;

/** From now on the address of a calendar answers nothing. */
final readonly class RevokeCalendarFeed
{
    public function __construct(private WriteAudit $audit)
    {
    }

    public function __invoke(CalendarFeed $feed, User $by): void
    {
        if ($feed->revoked_at === null) {
            $feed->update(['revoked_at' => CarbonImmutable::now()]);
            ($this->audit)(AuditKind::CalendarFeedRevoked, $by, $feed->name);
        }
    }
}
