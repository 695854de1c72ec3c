<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Contract;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use Illuminate\Http\Request;

/** A request body with objects left as objects, so that what is hashed later is what was sent. */
final readonly class JsonBody
{
    public function __construct(private Contract $contract)
    {
    }

    /** @throws ApiProblem when it is no JSON, or does not fit the schema of the contract */
    public function of(Request $request, string $schema): \stdClass
    {
        $body = json_decode($request->getContent(), false, 64);
        if (! $body instanceof \stdClass) {
            throw ApiProblem::because(ProblemName::NotJson, 400);
        }
        $faults = $this->contract->faults($schema, $body);
        if ($faults !== []) {
            throw new ApiProblem(Problem::named(ProblemName::LookAtTheFields, 422, [], $faults));
        }

        return $body;
    }
}
