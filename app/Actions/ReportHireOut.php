<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Ledger\Actor;
use App\Ledger\Kinds\HireOutAlready;
use App\Ledger\RawEntry;
use App\Models\Hire;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Says of a hire that its machine left when it began, without a walk in this record. */
final readonly class ReportHireOut
{
    public function __construct(private PostEntries $post)
    {
    }

    /** @throws ApiProblem where the ledger says no */
    public function __invoke(Hire $hire, string $reason, User $by): void
    {
        $entry = RawEntry::of(HireOutAlready::name(), ['reason' => $reason], CarbonImmutable::now());
        [$result] = ($this->post)($hire, [$entry], Actor::person($by));
        if ($result->problem !== null) {
            throw new ApiProblem($result->problem);
        }
    }
}
