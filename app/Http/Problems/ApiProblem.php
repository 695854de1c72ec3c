<?php

declare(strict_types=1);

namespace App\Http\Problems;

/** Something that was asked for and is not done, with the problem that says why. */
final class ApiProblem extends \RuntimeException
{
    public function __construct(public readonly Problem $problem)
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
