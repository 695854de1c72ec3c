<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

/** From where a platform is driven while it is raised. */
enum RaisedDrive: int
{
    case NotAtAll = 1;
    case FromTheChassis = 2;
    case FromThePlatform = 3;
}
