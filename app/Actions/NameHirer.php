<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\User;

/** Somebody found out who had a machine that came back with no hire. */
final readonly class NameHirer
{
    public function __construct(private WriteAudit $audit)
    {
    }

    /** @throws ApiProblem where the hire has a hirer: that is whom the machine was handed to */
    public function __invoke(Hire $hire, Customer $hirer, User $by): void
    {
        if (! $hire->customer->is_nobody || $hirer->is_nobody) {
            throw ApiProblem::because(ProblemName::HirerIsKnown, 409, ['folio' => $hire->folio]);
        }
        $hire->update(['customer_id' => $hirer->id]);
        $hire->setRelation('customer', $hirer);
        ($this->audit)(AuditKind::HirerNamed, $by, (string) $hire->folio, after: ['hirer' => $hirer->name]);
    }
}
