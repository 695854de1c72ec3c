<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** One answer to a house rule, and the reason of those who give it. */
final readonly class School
{
    /** @param  list<string>  $gives features that every machine of the yard has under it */
    public function __construct(public string $id, public string $name, public string $why, public array $gives)
    {
    }
}
