<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\Tablet;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Makes the tablet in hand one on which people sign in with a PIN. Its secret is told once, to the tablet. */
final readonly class EnrolTablet
{
    public function __construct(private WriteAudit $audit)
    {
    }

    public function __invoke(string $name, string $secret, User $by): Tablet
    {
        $tablet = Tablet::query()->create([
            'name' => $name,
            'secret_sha256' => hash('sha256', $secret),
            'enrolled_by_id' => $by->id,
            'enrolled_at' => CarbonImmutable::now(),
        ]);
        ($this->audit)(AuditKind::TabletEnrolled, $by, $name);

        return $tablet;
    }
}
