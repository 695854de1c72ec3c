<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** What makes a service point due whenever it happens, whatever its hours and its days say. */
enum After: string
{
    case Repair = 'repair';
    case AttachmentChange = 'attachment_change';
    /** The months began in which the yard counts on frost. */
    case Frost = 'frost';
    /** It has stood so long that it counts as laid up. */
    case Storage = 'storage';
}
