<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Refusal;

/** The times that stand on a sheet are the wrong way round. */
final class SheetEndsBeforeItBegins extends \DomainException implements Refusal
{
    public function __construct()
    {
        parent::__construct('The sheet ends before it begins. Look at both times.');
    }
}
