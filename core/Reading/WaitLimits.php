<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Source\Source;

/** How long a model has to be left alone before the next step, in seconds. */
final readonly class WaitLimits implements Limits
{
    public function __construct(public int $seconds, public Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }
}
