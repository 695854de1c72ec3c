<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

use JadeLedger\Core\Refusal;

final class HireEndsBeforeItBegins extends \DomainException implements Refusal
{
    public function __construct()
    {
        parent::__construct('The hire ends before it begins. Look at both times.');
    }
}
