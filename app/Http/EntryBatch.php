<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use Illuminate\Http\Request;

/**
 * The entries of a request. They are not held against the contract as a whole: a bad one must not keep the others
 * out.
 */
final readonly class EntryBatch
{
    private const LARGEST = 200;

    /**
     * @param list<mixed> $entries decoded JSON, objects as \stdClass
     * @param int|null $knownSequence up to which entry of the machine the tablet knows the walk
     */
    private function __construct(public array $entries, public ?int $knownSequence)
    {
    }

    /** @throws ApiProblem when there is none, or more than are taken at once */
    public static function of(Request $request): self
    {
        $body = json_decode($request->getContent(), false, 64);
        $entries = $body instanceof \stdClass ? $body->entries ?? null : null;
        if (
            ! ($body instanceof \stdClass) ||
            ! is_array($entries) ||
            $entries === [] ||
            count($entries) > self::LARGEST
        ) {
            throw ApiProblem::because(ProblemName::NoEntries, 422, ['most' => self::LARGEST]);
        }
        $known = $body->known_sequence ?? null;

        return new self(array_values($entries), is_int($known) ? $known : null);
    }
}
