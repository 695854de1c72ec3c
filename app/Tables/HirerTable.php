<?php

declare(strict_types=1);

namespace App\Tables;

use App\Actions\KeepHirer;
use App\Models\Customer;
use App\Models\User;

final readonly class HirerTable implements OfficeTable
{
    public function __construct(private KeepHirer $keep, private TakesByContract $cells)
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
        $this->cells->read('KeepHirer', ['name' => $row['name']] + $columns);
        $this->keep->add(['name' => $row['name']] + $columns, $by);
    }

    public function rows(): iterable
    {
        foreach (Customer::stillKept()->orderBy('name')->lazy(500) as $hirer) {
            yield [$hirer->name, $hirer->phone, $hirer->mail, $hirer->address, $hirer->notes];
        }
    }
}
