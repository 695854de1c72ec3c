<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\User;
use App\Models\Yard;

/** Keeps the number that hirers ring. */
final readonly class ChangeYard
{
    public function __construct(private WriteAudit $audit)
    {
    }

    /** @param  string|null  $phone as it is dialled; none takes it off the hirer's page */
    public function __invoke(Yard $yard, ?string $phone, User $by): Yard
    {
        $before = $yard->phone;
        $yard->update(['phone' => $phone]);
        ($this->audit)(AuditKind::YardChanged, $by, $yard->name, ['phone' => $before], ['phone' => $phone]);

        return $yard;
    }
}
