<?php

declare(strict_types=1);

namespace App\Hires;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Hire;
use App\Models\HireStatus;

/** Whether the hirer has the machine, so that what they say of it is of this hire. */
final class HandedOver
{
    private const WITH_THE_HIRER = [HireStatus::Out, HireStatus::Gone, HireStatus::WalkingIn];

    public static function is(Hire $hire): bool
    {
        return in_array($hire->standing(), self::WITH_THE_HIRER, true);
    }

    /** @throws ApiProblem */
    public static function mustBe(Hire $hire): void
    {
        if (! self::is($hire->refresh())) {
            throw ApiProblem::because(ProblemName::HireIsNotOut, 409);
        }
    }
}
