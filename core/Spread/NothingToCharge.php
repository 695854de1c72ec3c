<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Refusal;

final class NothingToCharge extends \DomainException implements Refusal
{
    public function __construct()
    {
        parent::__construct('That charges nothing. Type what is charged, or leave the amount empty.');
    }
}
