<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Contract;
use App\Http\Problems\Problem;
use App\Http\Problems\Refused;
use Illuminate\Http\Request;

/** A request body with objects left as objects, so that what is hashed later is what was sent. */
final readonly class JsonBody
{
    public function __construct(private Contract $contract)
    {
    }

    /** @throws Refused when it is no JSON, or does not fit the schema of the contract */
    public function of(Request $request, string $schema): \stdClass
    {
        $body = json_decode($request->getContent(), false, 64);
        if (! $body instanceof \stdClass) {
            throw Refused::because('not_json', 400);
        }
        $faults = $this->contract->faults($schema, $body);
        if ($faults !== []) {
            throw new Refused(Problem::named('look_at_the_fields', 422, [], $faults));
        }

        return $body;
    }
}
