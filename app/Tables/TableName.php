<?php

declare(strict_types=1);

namespace App\Tables;

enum TableName: string
{
    case Machines = 'machines';
    case Hirers = 'hirers';

    /** @return class-string<OfficeTable> */
    public function table(): string
    {
        return match ($this) {
            self::Machines => MachineTable::class,
            self::Hirers => HirerTable::class,
        };
    }

    /** The gate that whoever imports it has to pass. */
    public function gate(): string
    {
        return $this === self::Machines ? 'keep-machines' : 'book';
    }
}
