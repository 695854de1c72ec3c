<?php

declare(strict_types=1);

namespace App\Http\Problems;

use App\Presenters\PresentRefusal;
use App\Words;
use Illuminate\Http\JsonResponse;
use JadeLedger\Core\Refusal;

/**
 * A problem detail: what went wrong and what to do about it.
 *
 * Source: RFC 9457. `field` maps the fields of a request to what is wrong with each.
 */
final readonly class Problem
{
    /**
     * @param array<string, list<string>> $field
     * @param array<string, mixed> $more further members of this type of problem
     */
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $detail,
        public array $field = [],
        public array $more = [],
    ) {
    }

    /**
     * A problem whose words stand in lang/en/problems.php.
     *
     * @param array<string, string|int> $figures
     * @param array<string, list<string>> $field
     */
    public static function named(ProblemName $name, int $status, array $figures = [], array $field = []): self
    {
        return new self(
            '/problems/'.str_replace('_', '-', $name->value),
            Words::say("problems.{$name->value}.title", $figures),
            $status,
            Words::say("problems.{$name->value}.detail", $figures),
            $field,
        );
    }

    /** What a rule of the job says no to, in its own words. */
    public static function ofRule(Refusal $no): self
    {
        return self::named(ProblemName::RuleSaysNo, 422, ['why' => PresentRefusal::words($no)]);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['type' => $this->type, 'title' => $this->title, 'status' => $this->status, 'detail' => $this->detail]
            + ($this->field === [] ? [] : ['field' => $this->field])
            + $this->more;
    }

    /** @param  array<string, string>  $headers */
    public function respond(array $headers = []): JsonResponse
    {
        return new JsonResponse(
            $this->toArray(),
            $this->status,
            ['Content-Type' => 'application/problem+json'] + $headers,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
