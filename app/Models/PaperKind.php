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

    /** Whether it says until when it counts; a manual does not. */
    public function ends(): bool
    {
        return $this !== self::Manual;
    }
}
