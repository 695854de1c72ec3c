<?php

declare(strict_types=1);

namespace App\Tables;

enum TableName: string
{
    case Machines = 'machines';
    case Hirers = 'hirers';
    case Hires = 'hires';
    case Papers = 'papers';
    case Service = 'service';
    case Meters = 'meters';
    case Plans = 'plans';

    /** @return class-string<OfficeTable> */
    public function table(): string
    {
        return match ($this) {
            self::Machines => MachineTable::class,
            self::Hirers => HirerTable::class,
            self::Hires => HireTable::class,
            self::Papers => PaperTable::class,
            self::Service => ServiceTable::class,
            self::Meters => MeterTable::class,
            self::Plans => PlanTable::class,
        };
    }

    /** The gate that whoever imports it has to pass. */
    public function gate(): string
    {
        return match ($this) {
            self::Machines => 'keep-machines',
            self::Hirers, self::Hires => 'book',
            self::Papers => 'keep-papers',
            self::Service, self::Meters, self::Plans => 'keep-service',
        };
    }
}
