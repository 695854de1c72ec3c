<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Ledger\Actor;
use App\Models\Hire;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** Says of a hire that its machine left when it began, without a walk in this record. */
final readonly class ReportHireOut
{
    public function __construct(private PostEntries $post)
    {
    }

    /** @throws ApiProblem where the ledger says no */
    public function __invoke(Hire $hire, string $reason, User $by): void
    {
        [$result] = ($this->post)($hire, [(object) [
            'id' => (string) Str::uuid7(),
            'kind' => 'hire.out_already',
            'recorded_at' => CarbonImmutable::now()->toIso8601ZuluString('microsecond'),
            'payload' => (object) ['reason' => $reason],
        ]], Actor::person($by));
        if ($result->problem !== null) {
            throw new ApiProblem($result->problem);
        }
    }
}
