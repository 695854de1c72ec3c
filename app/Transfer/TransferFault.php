<?php

declare(strict_types=1);

namespace App\Transfer;

/** Why a yard cannot be written out or read in; its words say what to do. */
final class TransferFault extends \RuntimeException
{
}
