<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** Points that contain each other: none of them could ever be done first. */
final class ProgrammeNestsInACircle extends \InvalidArgumentException
{
    /** @param  list<string>  $circle ids, the first one again at the end */
    public function __construct(public readonly array $circle)
    {
        parent::__construct(implode(' > ', $circle));
    }
}
