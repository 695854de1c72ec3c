<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

/** How a field of a sheet is filled in. */
enum FieldKind: string
{
    case Quantity = 'quantity';
    case Slope = 'slope';
    case Choice = 'choice';
    case Chart = 'chart';
}
