<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Actions\PostEntries;
use App\Http\Problems\ApiProblem;
use App\Models\Machine;
use App\Models\User;
use Carbon\CarbonImmutable;

/** One entry of a machine that follows from something else that somebody does: it stands, or all of that is refused. */
final readonly class PostToMachine
{
    public function __construct(private PostEntries $post)
    {
    }

    /**
     * @param array<string, string> $payload
     *
     * @throws ApiProblem when it cannot stand
     */
    public function __invoke(Machine $machine, string $kind, array $payload, User $by): void
    {
        $entry = RawEntry::of($kind, $payload, CarbonImmutable::now());
        foreach (($this->post)($machine, [$entry], Actor::person($by)) as $result) {
            if ($result->problem !== null) {
                throw new ApiProblem($result->problem);
            }
        }
    }
}
