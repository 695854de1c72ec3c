<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\Hire;
use App\Models\HirerLink;
use App\Models\User;
use Carbon\CarbonImmutable;

/** From now on the link of a hire opens nothing; the next one that is made is another one. */
final readonly class RevokeHirerLink
{
    public function __construct(private WriteAudit $audit)
    {
    }

    public function __invoke(Hire $hire, User $by): void
    {
        $revoked = HirerLink::query()->where('hire_id', $hire->id)->whereNull('revoked_at')
            ->update(['revoked_at' => CarbonImmutable::now()]);
        if ($revoked > 0) {
            ($this->audit)(AuditKind::HirerLinkRevoked, $by, (string) $hire->folio);
        }
    }
}
