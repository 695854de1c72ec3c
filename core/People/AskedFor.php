<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

/** What is done that asks for a qualification. */
enum AskedFor: string
{
    /** Power is put on a machine, or its tag comes off. */
    case Operate = 'operate';
    case Repair = 'repair';
}
