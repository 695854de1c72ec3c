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

    /**
     * The number is written as it is dialled; none takes it off the hirer's page. Amounts that stand in an earlier
     * currency keep it.
     *
     * @param array{phone: string|null, currency: string|null} $to
     */
    public function __invoke(Yard $yard, array $to, User $by): Yard
    {
        $before = ['phone' => $yard->phone, 'currency' => $yard->currency];
        $yard->update($to);
        $changed = array_diff_assoc($to, $before);
        ($this->audit)(AuditKind::YardChanged, $by, $yard->name, array_intersect_key($before, $changed), $changed);

        return $yard;
    }
}
