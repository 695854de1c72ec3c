<?php

declare(strict_types=1);

namespace App\Tables;

use App\Actions\KeepHirer;
use App\Contract\Contract;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\User;

final readonly class HirerTable implements OfficeTable
{
    public function __construct(private KeepHirer $keep, private Contract $contract)
    {
    }

    public function columns(): array
    {
        return ['name', 'phone', 'mail', 'address', 'notes'];
    }

    public function needed(): array
    {
        return ['name'];
    }

    public function take(array $row, User $by): void
    {
        $columns = array_map(
            static fn (string $cell): ?string => $cell === '' ? null : $cell,
            array_intersect_key($row, array_flip($this->columns())),
        );
        $faults = $this->contract->faults('KeepHirer', (object) (['name' => $row['name']] + $columns));
        if ($faults !== []) {
            throw new ApiProblem(Problem::named(ProblemName::LookAtTheFields, 422, [], $faults));
        }
        $this->keep->add(['name' => $row['name']] + $columns, $by);
    }

    public function rows(): iterable
    {
        foreach (Customer::query()->orderBy('name')->lazy(500) as $hirer) {
            yield [$hirer->name, $hirer->phone, $hirer->mail, $hirer->address, $hirer->notes];
        }
    }
}
