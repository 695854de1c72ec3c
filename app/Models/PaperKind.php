<?php

declare(strict_types=1);

namespace App\Models;

/** Papers that a machine has in the office. */
enum PaperKind: string
{
    case Examination = 'examination';
    case Inspection = 'inspection';
    case Extinguisher = 'extinguisher';
    case Insurance = 'insurance';
    case Manual = 'manual';
    /** The plate on the machine itself, as a picture. */
    case Plate = 'plate';

    /** Whether it says until when it counts; a manual and a plate do not. */
    public function ends(): bool
    {
        return ! in_array($this, [self::Manual, self::Plate], true);
    }
}
