<?php

declare(strict_types=1);

namespace App\Http\Problems;

/** Something that was asked for and is not done, with the problem that says why. */
final class ApiProblem extends \RuntimeException
{
    /** @param  int|null  $comeBackAfter  seconds after which it may be asked again */
    public function __construct(public readonly Problem $problem, public readonly ?int $comeBackAfter = null)
    {
        parent::__construct($problem->detail, $problem->status);
    }

    /**
     * @param array<string, string|int> $figures
     * @param array<string, list<string>> $field
     */
    public static function because(ProblemName $name, int $status = 422, array $figures = [], array $field = []): self
    {
        return new self(Problem::named($name, $status, $figures, $field));
    }
}
