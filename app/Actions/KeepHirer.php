<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\User;
use App\Words;

/** A hirer is written down, or written down otherwise. */
final readonly class KeepHirer
{
    public function __construct(private WriteAudit $audit)
    {
    }

    /**
     * @param array<string, string|null> $columns
     *
     * @throws ApiProblem
     */
    public function add(array $columns, User $by): Customer
    {
        $this->mustBeNew((string) $columns['name'], null);
        $hirer = Customer::query()->create($columns);
        ($this->audit)(AuditKind::HirerKept, $by, $hirer->name, after: array_filter($columns));

        return $hirer;
    }

    /**
     * @param array<string, string|null> $columns
     *
     * @throws ApiProblem
     */
    public function change(Customer $hirer, array $columns, User $by): void
    {
        $this->mustBeNew((string) $columns['name'], $hirer);
        $before = array_intersect_key($hirer->toArray(), $columns);
        $hirer->update($columns);
        ($this->audit)(AuditKind::HirerKept, $by, $hirer->name, array_filter($before), array_filter($columns));
    }

    /** @throws ApiProblem one hirer is one row: who is entered twice owes twice */
    private function mustBeNew(string $name, ?Customer $itself): void
    {
        $query = Customer::query()->where('name', $name);
        if ($itself !== null) {
            $query->whereKeyNot($itself->id);
        }
        if ($query->exists()) {
            throw ApiProblem::because(
                ProblemName::HirerKnown,
                409,
                ['name' => $name],
                ['name' => [Words::say('problems.hirer_known.title', ['name' => $name])]],
            );
        }
    }
}
