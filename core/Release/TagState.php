<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

enum TagState
{
    case None;
    case Hanging;
}
