<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\Tablet;
use App\Models\User;
use Carbon\CarbonImmutable;

/** From now on no PIN opens anything on this tablet, and whoever came in by one is out. */
final readonly class RevokeTablet
{
    public function __construct(private WriteAudit $audit)
    {
    }

    public function __invoke(Tablet $tablet, User $by): void
    {
        if ($tablet->revoked_at === null) {
            $tablet->update(['revoked_at' => CarbonImmutable::now()]);
            ($this->audit)(AuditKind::TabletRevoked, $by, $tablet->name);
        }
    }
}
