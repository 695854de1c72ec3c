<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;

/** One drawing of a part, for the machines that look like it. */
final readonly class CloseUpVariant
{
    /** @param  string  $drawing  name of the drawing that the interface has */
    public function __construct(public string $drawing, public Applicability $applies)
    {
    }
}
