<?php

declare(strict_types=1);

namespace App\Contract;

/** Something was read that had passed the contract and is not what the contract says. */
final class UnexpectedJson extends \LogicException
{
    public function __construct(string $name, string $expected, mixed $found)
    {
        parent::__construct("The member {$name} should be {$expected} and is ".get_debug_type($found).'.');
    }
}
